package methodos.narration.grammar;

/**
 * What leads to a verb: who does it, whether it is to be done, is done or was, and when.
 *
 * @param from the first of its tokens; the place of the verb where nothing leads to it
 * @param subject a pronoun, "thing" for what is named, empty for none
 * @param thing what is named as the subject; null for none
 * @param modal such as "must"; empty for none
 * @param be whether a form of "to be" stands before the verb
 * @param have whether a form of "to have" does
 * @param does whether a form of "to do" does
 * @param to whether it is an infinitive with "to"
 * @param let whether it is said with "let"
 * @param negated whether it is denied or forbidden
 * @param governor the verb that the infinitive depends on: "want", "going"; empty for none
 * @param subordinator such as "if", "until"; empty for none
 * @param coordinator such as "and"; empty for none
 * @param interrogative such as "how"; empty for none
 * @param shared whether subject and negation are those of the verb before
 */
public record Lead(
        int from,
        String subject,
        NounPhrase thing,
        String modal,
        boolean be,
        boolean have,
        boolean does,
        boolean to,
        boolean let,
        boolean negated,
        String governor,
        String subordinator,
        String coordinator,
        String interrogative,
        boolean shared) {

    /** Whether nothing but a joining word stands before the verb. */
    public boolean plain() {
        return subject.isEmpty()
                && modal.isEmpty()
                && !be
                && !have
                && !does
                && !to
                && !let
                && governor.isEmpty();
    }

    /** The same with what is taken over from the verb before. */
    Lead sharing(Lead before) {
        return new Lead(
                from,
                before.subject,
                before.thing,
                before.modal,
                before.be,
                before.have,
                before.does,
                before.to,
                before.let,
                before.negated,
                before.governor,
                before.subordinator,
                coordinator,
                before.interrogative,
                true);
    }
}
