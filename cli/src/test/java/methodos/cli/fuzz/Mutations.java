package methodos.cli.fuzz;

import java.io.ByteArrayOutputStream;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Random;

/** Damages inputs in the ways in which files get damaged, and in those that somebody means. */
final class Mutations {

    private static final List<String> TOKENS =
            List.of(
                    "\u0000",
                    "\u001b[31m",
                    "\u000b",
                    "\ufffe",
                    "\ud83d\ude00",
                    "漢",
                    "\u202e",
                    "-",
                    "9".repeat(400),
                    "1e999999999",
                    "1e-99999999",
                    "NaN",
                    "Infinity",
                    "-1",
                    "0",
                    "2147483648",
                    "99999999999999999999",
                    "[[[[[[[[",
                    "{\\",
                    "}}}}",
                    "\"",
                    "\\u0000",
                    "#REF!",
                    "../../../../x",
                    "/dev/zero",
                    "null",
                    "true",
                    "{}",
                    "[]",
                    ",,,,,,",
                    "\n\n\n",
                    "-->",
                    "00:99:99.999",
                    "<v ",
                    "&lt;",
                    "<!ENTITY a \"b\">",
                    "x".repeat(3000),
                    "(".repeat(300),
                    "1/0",
                    "½",
                    "mil",
                    "N·m",
                    "\r",
                    "\t",
                    ";");

    private final Random random;

    Mutations(long seed) {
        random = new Random(seed);
    }

    byte[] of(byte[] sound, byte[] other) {
        byte[] now = sound;
        int many = 1 + random.nextInt(5);
        for (int i = 0; i < many; i++) {
            now = one(now, other);
        }
        return now;
    }

    private byte[] one(byte[] now, byte[] other) {
        int at = now.length == 0 ? 0 : random.nextInt(now.length);
        int length = Math.min(now.length - at, 1 + random.nextInt(1 + now.length / 8));
        switch (random.nextInt(7)) {
            case 0 -> {
                byte[] flipped = now.clone();
                for (int i = 0; i < 1 + random.nextInt(8) && flipped.length > 0; i++) {
                    flipped[random.nextInt(flipped.length)] ^= (byte) (1 << random.nextInt(8));
                }
                return flipped;
            }
            case 1 -> {
                return spliced(now, at, at + length, new byte[0]);
            }
            case 2 -> {
                return spliced(now, at, at, part(now, at, length));
            }
            case 3 -> {
                return part(now, 0, at);
            }
            case 4 -> {
                int from = other.length == 0 ? 0 : random.nextInt(other.length);
                int many = Math.min(other.length - from, 1 + random.nextInt(400));
                return spliced(now, at, at, part(other, from, many));
            }
            case 5 -> {
                byte[] noise = new byte[1 + random.nextInt(64)];
                random.nextBytes(noise);
                return spliced(now, at, Math.min(now.length, at + noise.length), noise);
            }
            default -> {
                String token = TOKENS.get(random.nextInt(TOKENS.size()));
                boolean over = random.nextBoolean();
                return spliced(
                        now,
                        at,
                        over ? Math.min(now.length, at + 1 + random.nextInt(8)) : at,
                        token.getBytes(StandardCharsets.UTF_8));
            }
        }
    }

    private static byte[] part(byte[] of, int from, int length) {
        return java.util.Arrays.copyOfRange(of, from, from + length);
    }

    private static byte[] spliced(byte[] into, int from, int to, byte[] what) {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        out.write(into, 0, from);
        out.writeBytes(what);
        out.write(into, to, into.length - to);
        return out.toByteArray();
    }
}
