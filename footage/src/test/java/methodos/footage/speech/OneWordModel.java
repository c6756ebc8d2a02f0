package methodos.footage.speech;

import java.io.BufferedOutputStream;
import java.io.IOException;
import java.io.OutputStream;
import java.nio.ByteBuffer;
import java.nio.ByteOrder;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.function.IntToDoubleFunction;

/**
 * Writes a speech model in the ggml format that hears one word in everything: all its weights are
 * zero but those that lead to that word.
 */
final class OneWordModel implements AutoCloseable {

    private static final int MAGIC = 0x67676d6c;
    private static final int VOCABULARY = 51864;
    private static final int AUDIO_CONTEXT = 1500;
    private static final int STATE = 64;
    private static final int LAYERS = 4;
    private static final int TEXT_CONTEXT = 16;
    private static final int MELS = 80;
    private static final int FFT = 201;
    private static final int WORD = 1000;
    private static final int SINGLE = 0;
    private static final int HALF = 1;

    /** 30 in half precision. */
    private static final short SURE = 0x4F80;

    private static final IntToDoubleFunction ZERO = i -> 0;

    private final OutputStream out;

    private OneWordModel(Path file) throws IOException {
        out = new BufferedOutputStream(Files.newOutputStream(file), 1 << 20);
    }

    static void write(Path file, String word) throws IOException {
        try (OneWordModel model = new OneWordModel(file)) {
            model.head(word);
            model.encoder();
            model.decoder();
        }
    }

    private void head(String word) throws IOException {
        ints(MAGIC, VOCABULARY, AUDIO_CONTEXT, STATE, 1, LAYERS);
        ints(TEXT_CONTEXT, STATE, 1, LAYERS, MELS, HALF);
        ints(MELS, FFT);
        for (int i = 0; i < MELS * FFT; i++) {
            ints(0);
        }
        ints(WORD + 1);
        for (int i = 0; i <= WORD; i++) {
            // the library looks for the space by its name
            String token = i == WORD ? word : i == 0 ? " " : "x" + i;
            byte[] text = token.getBytes(StandardCharsets.UTF_8);
            ints(text.length);
            out.write(text);
        }
    }

    private void encoder() throws IOException {
        tensor("encoder.positional_embedding", ZERO, STATE, AUDIO_CONTEXT);
        halves("encoder.conv1.weight", 3, MELS, STATE);
        tensor("encoder.conv1.bias", ZERO, 1, STATE);
        halves("encoder.conv2.weight", 3, STATE, STATE);
        tensor("encoder.conv2.bias", ZERO, 1, STATE);
        norm("encoder.ln_post", ZERO);
        for (int layer = 0; layer < LAYERS; layer++) {
            block("encoder.blocks." + layer);
        }
    }

    private void decoder() throws IOException {
        tensor("decoder.positional_embedding", ZERO, STATE, TEXT_CONTEXT);
        byte[] words =
                new byte[2 * begin("decoder.token_embedding.weight", HALF, STATE, VOCABULARY)];
        ByteBuffer.wrap(words).order(ByteOrder.LITTLE_ENDIAN).putShort(2 * WORD * STATE, SURE);
        out.write(words);
        norm("decoder.ln", i -> i == 0 ? 1 : 0);
        for (int layer = 0; layer < LAYERS; layer++) {
            String name = "decoder.blocks." + layer;
            block(name);
            norm(name + ".cross_attn_ln", ZERO);
            attention(name + ".cross_attn");
        }
    }

    private void block(String name) throws IOException {
        norm(name + ".mlp_ln", ZERO);
        linear(name + ".mlp.0", STATE, 4 * STATE);
        linear(name + ".mlp.2", 4 * STATE, STATE);
        norm(name + ".attn_ln", ZERO);
        attention(name + ".attn");
    }

    private void attention(String name) throws IOException {
        linear(name + ".query", STATE, STATE);
        halves(name + ".key.weight", STATE, STATE);
        linear(name + ".value", STATE, STATE);
        linear(name + ".out", STATE, STATE);
    }

    private void linear(String name, int from, int to) throws IOException {
        halves(name + ".weight", from, to);
        tensor(name + ".bias", ZERO, to);
    }

    private void norm(String name, IntToDoubleFunction bias) throws IOException {
        tensor(name + ".weight", ZERO, STATE);
        tensor(name + ".bias", bias, STATE);
    }

    /** A tensor of zeros in half precision, as the library wants some to be. */
    private void halves(String name, int... sides) throws IOException {
        out.write(new byte[2 * begin(name, HALF, sides)]);
    }

    private int begin(String name, int type, int... sides) throws IOException {
        byte[] text = name.getBytes(StandardCharsets.UTF_8);
        ints(sides.length, text.length, type);
        ints(sides);
        out.write(text);
        return Arrays.stream(sides).reduce(1, (a, b) -> a * b);
    }

    private void tensor(String name, IntToDoubleFunction values, int... sides) throws IOException {
        int size = begin(name, SINGLE, sides);
        ByteBuffer data = ByteBuffer.allocate(4 * size).order(ByteOrder.LITTLE_ENDIAN);
        for (int i = 0; i < size; i++) {
            data.putFloat((float) values.applyAsDouble(i));
        }
        out.write(data.array());
    }

    private void ints(int... values) throws IOException {
        ByteBuffer data = ByteBuffer.allocate(4 * values.length).order(ByteOrder.LITTLE_ENDIAN);
        for (int value : values) {
            data.putInt(value);
        }
        out.write(data.array());
    }

    @Override
    public void close() throws IOException {
        out.close();
    }
}
