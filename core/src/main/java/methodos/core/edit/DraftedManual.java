package methodos.core.edit;

import java.util.ArrayList;
import java.util.Collection;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import java.util.function.Supplier;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import methodos.core.description.Id;
import methodos.core.manual.Consumable;
import methodos.core.manual.ConsumableUse;
import methodos.core.manual.Document;
import methodos.core.manual.DocumentBuilder;
import methodos.core.manual.Manual;
import methodos.core.manual.Named;
import methodos.core.manual.Part;
import methodos.core.manual.PartBuilder;
import methodos.core.manual.PartUse;
import methodos.core.manual.Question;
import methodos.core.manual.ReuseRule;
import methodos.core.manual.Tool;
import methodos.core.memory.Remembered;
import methodos.core.narration.DraftedStep;
import methodos.core.parts.HeardParts;
import methodos.core.vocabulary.Nouns;
import methodos.core.words.Words;

/**
 * A manual while steps are drafted into it. What they name and no list has yet becomes a thing that
 * is marked as heard, so that nothing that was said is lost.
 */
final class DraftedManual {

    private static final Remembered<String, Set<String>> SAID =
            new Remembered<>(DraftedManual::read);

    private Manual manual;
    private final HeardParts heard;
    private final Words words;

    DraftedManual(Manual manual, Words words) {
        this.manual = manual;
        this.heard = new HeardParts(manual.parts());
        this.words = words;
    }

    Manual now() {
        return manual;
    }

    Words words() {
        return words;
    }

    void change(Manual changed) {
        manual = changed;
    }

    /** What a step has of the parts that it names, and what is to be asked about the others. */
    record Parts(List<PartUse> uses, List<Question> questions) {}

    Parts parts(DraftedStep drafted) {
        List<PartUse> uses = new ArrayList<>();
        List<Question> questions = new ArrayList<>();
        for (DraftedStep.PartNamed part : drafted.parts()) {
            Named named = new Named(part.name(), part.size(), part.quantity());
            PartUse.Handling handling = DraftedHandling.of(drafted, part);
            List<Part> meant = heard.listed(named, drafted.text());
            boolean warned = drafted.kind() == DraftedStep.Kind.CAUTION;
            if (warned && !meant.isEmpty() && meant.size() != 1) {
                continue; // what is warned of is not worked on
            }
            if (meant.size() > 1) {
                questions.add(new Question(named, handling, meant.stream().map(Part::id).toList()));
                continue;
            }
            if (meant.isEmpty() && (warned || !part.thing())) {
                // the words of the step say it; a list that comes later may have it after all
                questions.add(new Question(named, handling, List.of()));
                continue;
            }
            Part one = meant.isEmpty() ? heard(named, drafted, part.from()) : meant.get(0);
            if (uses.stream().noneMatch(u -> u.part().equals(one.id()))) {
                uses.add(new Question(named, handling, List.of()).answered(one.id()));
            }
        }
        return new Parts(uses, questions);
    }

    private Part heard(Named named, DraftedStep drafted, String from) {
        Optional<Part> before = heard.heard(named);
        Part part = before.orElseGet(() -> first(named));
        int count = named.quantity() == null ? 1 : named.quantity();
        part = part.withQuantity(Math.max(part.quantity(), count));
        if (part.size().isEmpty() && named.size() != null) {
            part = part.withSize(named.size());
        }
        if ("discard".equals(drafted.action())) {
            part = part.withReuse(ReuseRule.ALWAYS_NEW);
        }
        if (part.sitsOn() == null && from != null) {
            part = part.withSitsOn(other(from, part));
        }
        heard.know(part);
        manual = manual.withPart(part);
        return part;
    }

    private Part first(Named named) {
        Part part =
                PartBuilder.builder()
                        .id(manual.nextId("p"))
                        .name(Nouns.printed(named.name()))
                        .quantity(1)
                        .heard(true)
                        .build();
        manual = manual.withIdTaken();
        return part;
    }

    /** What a part sits on by what is said; null where that is not one known thing. */
    private Id<Part> other(String from, Part part) {
        Set<String> said = said(from);
        List<Part> meant =
                manual.parts().stream()
                        .filter(p -> !p.id().equals(part.id()) && said(p.name()).equals(said))
                        .toList();
        return meant.size() == 1 ? meant.get(0).id() : null;
    }

    /**
     * @param doubts where of several tools one is meant, and nothing says which
     */
    List<Id<Tool>> tools(DraftedStep drafted, Collection<String> doubts) {
        List<Id<Tool>> ids = new ArrayList<>();
        for (DraftedStep.ToolNamed tool : drafted.tools()) {
            String label = tool.size() == null ? tool.name() : tool.name() + " " + tool.size();
            one(manual.tools(), Tool::label, label, () -> newTool(tool), doubts)
                    .map(Tool::id)
                    .filter(id -> !ids.contains(id))
                    .ifPresent(ids::add);
        }
        return ids;
    }

    private Tool newTool(DraftedStep.ToolNamed named) {
        String size = named.size() == null ? "" : named.size();
        Tool tool =
                new Tool(manual.nextId("t"), named.name(), size, Tool.Kind.STANDARD, "")
                        .withHeard(true);
        manual = manual.withIdTaken().withTool(tool);
        return tool;
    }

    List<ConsumableUse> consumables(DraftedStep drafted, Collection<String> doubts) {
        List<ConsumableUse> uses = new ArrayList<>();
        for (String name : drafted.consumables()) {
            one(manual.consumables(), Consumable::label, name, () -> newConsumable(name), doubts)
                    .map(c -> new ConsumableUse(c.id()))
                    .filter(u -> !uses.contains(u))
                    .ifPresent(uses::add);
        }
        return uses;
    }

    private Consumable newConsumable(String name) {
        Consumable consumable = new Consumable(manual.nextId("c"), name, "").withHeard(true);
        manual = manual.withIdTaken().withConsumable(consumable);
        return consumable;
    }

    /** The document that is called so; one that is heard where none is. */
    Id<Document> document(String name) {
        Set<String> said = said(name);
        Optional<Document> known =
                manual.documents().stream().filter(d -> said(d.name()).equals(said)).findFirst();
        if (known.isEmpty()) {
            Document heardOf =
                    DocumentBuilder.builder().id(manual.nextId("d")).name(name).heard(true).build();
            List<Document> all = new ArrayList<>(manual.documents());
            all.add(heardOf);
            manual = manual.withIdTaken().withDocuments(all);
            return heardOf.id();
        }
        return known.get().id();
    }

    /** The one of a list whose label has all the words that are said; a new one where none has. */
    private <T> Optional<T> one(
            List<T> list,
            Function<T, String> label,
            String name,
            Supplier<T> heardOf,
            Collection<String> doubts) {
        Set<String> said = said(name);
        List<T> fitting =
                list.stream().filter(t -> said(label.apply(t)).containsAll(said)).toList();
        if (fitting.isEmpty()) {
            return Optional.of(heardOf.get());
        }
        if (fitting.size() > 1) {
            doubts.add(
                    words.of(
                            "draft.which",
                            name,
                            fitting.stream().map(label).collect(Collectors.joining("; "))));
            return Optional.empty();
        }
        return Optional.of(fitting.get(0));
    }

    /** The words of a name, in the singular; names are asked for again and again. */
    static Set<String> said(String name) {
        return SAID.of(name);
    }

    private static Set<String> read(String name) {
        return Stream.of(name.toLowerCase(Locale.ROOT).split("[^\\p{L}\\d]+"))
                .map(Nouns::singular)
                .filter(w -> !w.isEmpty())
                .collect(Collectors.toSet());
    }
}
