package methodos.core.words;

import java.text.MessageFormat;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collection;
import java.util.List;
import java.util.Locale;
import java.util.MissingResourceException;
import java.util.ResourceBundle;
import java.util.StringJoiner;
import java.util.stream.Collectors;
import methodos.core.manual.Applicability;
import methodos.core.manual.SerialRange;
import methodos.core.manual.Sight;
import methodos.core.typed.SerialText;

/**
 * The words of the program in one language: those of the domain, and those of a module on top.
 *
 * <p>Numbers in sentences are set without grouping; plurals are chosen with {@code choice}
 * patterns.
 */
public final class Words {

    private static final String DOMAIN = "methodos.core.words.domain";

    private final Locale locale;
    private final List<ResourceBundle> bundles = new ArrayList<>();

    /**
     * @param bundle base name of the module's own words, null for those of the domain alone
     */
    public Words(String bundle, Locale locale) {
        this.locale = locale;
        if (bundle != null) {
            bundles.add(bundle(bundle));
        }
        bundles.add(bundle(DOMAIN));
    }

    private ResourceBundle bundle(String name) {
        return ResourceBundle.getBundle(
                name,
                locale,
                ResourceBundle.Control.getNoFallbackControl(
                        ResourceBundle.Control.FORMAT_PROPERTIES));
    }

    /**
     * The words under a key, filled in; what is {@link Named} among the arguments by its name.
     *
     * @throws MissingResourceException if no bundle has the key
     */
    public String of(String key, Object... arguments) {
        for (ResourceBundle bundle : bundles) {
            if (bundle.containsKey(key)) {
                return arguments.length == 0
                        ? bundle.getString(key)
                        : filled(
                                bundle.getString(key),
                                Arrays.stream(arguments).map(this::named).toArray());
            }
        }
        throw new MissingResourceException("no words for " + key, Words.class.getName(), key);
    }

    /** The keys that begin so, in their order. */
    public List<String> keys(String prefix) {
        return bundles.stream()
                .flatMap(b -> b.keySet().stream())
                .filter(k -> k.startsWith(prefix))
                .distinct()
                .sorted()
                .toList();
    }

    /** What is filled in may end with a stop of its own ("350 bar."); then it stands once. */
    private String filled(String pattern, Object[] arguments) {
        String text = new MessageFormat(pattern, locale).format(arguments);
        for (Object argument : arguments) {
            if (argument instanceof String told && told.endsWith(".") && pattern.contains("}.")) {
                text = text.replace(told + ".", told);
            }
        }
        return text;
    }

    private Object named(Object argument) {
        return argument instanceof Named name ? of(name.key()) : argument;
    }

    /** The word for a constant, such as {@code stage.TAKE_DOWN}. */
    public String of(Enum<?> constant) {
        Class<?> type = constant.getDeclaringClass();
        String name = type.getSimpleName();
        if (name.equals("Kind") && type.getEnclosingClass() != null) {
            name = type.getEnclosingClass().getSimpleName();
        }
        return of(name + "." + constant.name());
    }

    /** In words for which units something is, such as "QA-80 S, from 2200"; "all units" for all. */
    public String of(Applicability applicability) {
        return applicability.all()
                ? of("applies.all")
                : applicability.any().stream()
                        .map(
                                c ->
                                        units(
                                                String.join(", ", c.models()),
                                                c.serials(),
                                                c.with(),
                                                c.without()))
                        .collect(Collectors.joining("; "));
    }

    /** The units that are looked at, in words. */
    public String of(Sight sight) {
        return sight.everything()
                ? of("applies.all")
                : units(
                        sight.model() == null ? "" : sight.model(),
                        sight.serials(),
                        sight.with(),
                        sight.without());
    }

    private String units(
            String models,
            SerialRange serials,
            Collection<String> with,
            Collection<String> without) {
        StringJoiner all = new StringJoiner(", ");
        if (!models.isEmpty()) {
            all.add(models);
        }
        if (!serials.all()) {
            all.add(of(serials));
        }
        with.stream().sorted().forEach(o -> all.add(of("option.with", o)));
        without.stream().sorted().forEach(o -> all.add(of("option.without", o)));
        return all.toString();
    }

    /** Serial numbers in words. */
    public String of(SerialRange serials) {
        if (serials.all()) {
            return of("serials.all");
        }
        String from = SerialText.from(serials);
        String to = SerialText.to(serials);
        if (serials.lastDigits() > 0) {
            return from.equals(to) ? of("serials.ending", from) : of("serials.endings", from, to);
        }
        if (from.isEmpty() && to.isEmpty()) {
            return of("serials.letters", serials.letters());
        }
        if (from.isEmpty()) {
            return of("serials.upTo", to);
        }
        if (to.isEmpty()) {
            return of("serials.from", from);
        }
        return from.equals(to) ? of("serials.only", from) : of("serials.range", from, to);
    }

    /**
     * A time as a person writes it: "2 min 25 s", "8 h", "1 h 30 min"; never more than its two
     * largest parts, the smaller one rounded.
     *
     * @param seconds 0 or more
     */
    public String duration(double seconds) {
        long rest = Math.round(seconds);
        if (rest >= 86_400) {
            rest = Math.round(rest / 3600.0) * 3600;
        } else if (rest >= 3600) {
            rest = Math.round(rest / 60.0) * 60;
        }
        long[] parts = {rest / 86_400, rest / 3600 % 24, rest / 60 % 60, rest % 60};
        String[] keys = {"time.days", "time.hours", "time.minutes", "time.seconds"};
        StringJoiner all = new StringJoiner(" ");
        for (int i = 0; i < parts.length; i++) {
            if (parts[i] > 0) {
                all.add(of(keys[i], parts[i]));
            }
        }
        return all.length() == 0 ? of("time.seconds", 0) : all.toString();
    }

    /** The language of the words. */
    public Locale locale() {
        return locale;
    }
}
