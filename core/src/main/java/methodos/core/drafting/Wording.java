package methodos.core.drafting;

/** Puts a finding into words for print. */
final class Wording {
    private Wording() {}

    static String of(Finding f, String quote) {
        return quote;
    }
}
