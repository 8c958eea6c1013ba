package oilcloth.correcting;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.PriorityQueue;
import java.util.Set;
import oilcloth.check.Finding;
import oilcloth.check.Message;
import oilcloth.check.Question;
import oilcloth.check.Severity;
import oilcloth.recipe.Assertion;
import oilcloth.recipe.Context;
import oilcloth.recipe.Edit;
import oilcloth.recipe.Recipe;
import oilcloth.review.Call;
import oilcloth.review.Engine;
import oilcloth.review.Review;

/**
 * Finds the cheapest sets of edits after which the call is {@code sound}. Every set is proved by looking at the edited
 * recipe again, and stripped of what it does not need. The search is by cost; it is exact as long as it stays within its
 * bound of looks, which nearly every letter does.
 */
public final class Solver {
    /** Looks at an edited recipe; about a millisecond each. */
    private static final int MOST_LOOKS = 60;

    private static final int MOST_WAYS = 3;
    /** Sets up to this size are searched for the smallest part that does; larger ones are stripped edit by edit. */
    private static final int FEW = 4;

    private static final int MOST_ROUNDS = 4;

    private final Engine engine;

    public Solver(Engine engine) {
        this.engine = engine;
    }

    private record Node(List<Remedy> remedies, double cost) {
        List<Edit> edits() {
            List<Edit> edits = new ArrayList<>();
            for (Remedy remedy : remedies) {
                for (Edit edit : remedy.edits()) {
                    edits.removeIf(e -> e.equals(edit) || isUndone(e, edit));
                    edits.add(edit);
                }
            }
            return List.copyOf(edits);
        }

        /** Of two amounts of the same ingredient the later stands; what is left out needs no amount. */
        private static boolean isUndone(Edit earlier, Edit later) {
            return earlier instanceof Edit.SetIngredient was
                    && (later instanceof Edit.SetIngredient set && set.at().equals(was.at())
                            || later instanceof Edit.Remove gone && gone.at().equals(was.at()));
        }

        Node with(List<Remedy> more) {
            Set<Remedy> all = new LinkedHashSet<>(remedies);
            all.addAll(more);
            return new Node(
                    List.copyOf(all), all.stream().mapToDouble(Remedy::cost).sum());
        }
    }

    /** One search: the queue, and what it has cost so far. */
    private final class Search {
        private final Recipe recipe;
        private final List<Assertion> assertions;
        private final Context context;
        private final PriorityQueue<Node> open = new PriorityQueue<>(Comparator.comparingDouble(Node::cost));
        private final Set<Set<Edit>> seen = new HashSet<>();
        private final List<Way> ways = new ArrayList<>();
        private int looks;

        Search(Recipe recipe, List<Assertion> assertions, Context context) {
            this.recipe = recipe;
            this.assertions = assertions;
            this.context = context;
        }

        Engine.Glance look(List<Edit> edits) {
            looks++;
            return engine.glance(applied(recipe, edits), context);
        }

        void push(Node node) {
            if (seen.add(new HashSet<>(node.edits()))) {
                open.add(node);
            }
        }

        void run(Engine.Glance asIs) {
            push(new Node(List.of(), 0));
            while (!open.isEmpty() && looks < MOST_LOOKS && ways.size() < MOST_WAYS) {
                Node node = open.poll();
                Engine.Glance glance = node.remedies().isEmpty() ? asIs : look(node.edits());
                if (glance.call() == Call.SOUND) {
                    found(node);
                } else {
                    expand(node, glance);
                }
            }
        }

        /** All that is amiss is mended at once, each in its cheapest way; then once more for every other way of one. */
        private void expand(Node node, Engine.Glance glance) {
            List<List<Remedy>> choices = choices(glance).stream()
                    .map(c ->
                            c.stream().filter(r -> !node.remedies().contains(r)).toList())
                    .filter(c -> !c.isEmpty())
                    .toList();
            if (choices.isEmpty()) {
                return;
            }
            List<Remedy> cheapest = choices.stream().map(c -> c.get(0)).toList();
            push(node.with(cheapest));
            for (int i = 0; i < choices.size(); i++) {
                for (Remedy other : choices.get(i).subList(1, choices.get(i).size())) {
                    List<Remedy> mixed = new ArrayList<>(cheapest);
                    mixed.set(i, other);
                    push(node.with(mixed));
                }
                if (choices.size() > 1) {
                    // what mends one may mend the next as well
                    push(node.with(List.of(choices.get(i).get(0))));
                }
            }
        }

        /** What can be mended before the questions are answered, each finding in its cheapest way; it proves nothing. */
        List<Edit> soFar(Engine.Glance asIs) {
            Node node = new Node(List.of(), 0);
            Engine.Glance glance = asIs;
            for (int round = 0; round < MOST_ROUNDS; round++) {
                List<Remedy> cheapest = new ArrayList<>();
                for (Finding f : glance.findings().found()) {
                    if (f.severity().compareTo(Severity.CORRECT) >= 0) {
                        sorted(Remedies.of(f, glance)).stream().limit(1).forEach(cheapest::add);
                    }
                }
                Node next = node.with(cheapest);
                if (next.equals(node)) {
                    break;
                }
                node = next;
                glance = look(node.edits());
            }
            return node.edits();
        }

        /** The last proof: the corrected text by itself, read afresh as if it had come in the mail. */
        private boolean isSoundAsWritten(List<Edit> edits) {
            looks++;
            return asWritten(recipe, assertions, context, edits).call() == Call.SOUND;
        }

        /** The smallest part of a small set that does it as well. */
        private List<Edit> fewest(List<Edit> edits) {
            List<List<Edit>> parts = new ArrayList<>();
            for (int bits = 1; bits < (1 << edits.size()) - 1; bits++) {
                List<Edit> part = new ArrayList<>();
                for (int i = 0; i < edits.size(); i++) {
                    if ((bits & 1 << i) != 0) {
                        part.add(edits.get(i));
                    }
                }
                parts.add(part);
            }
            parts.sort(Comparator.comparingInt(List::size));
            return parts.stream()
                    .filter(p -> look(p).call() == Call.SOUND)
                    .findFirst()
                    .orElse(edits);
        }

        /** Without those edits that can be spared one by one. */
        private List<Edit> stripped(List<Edit> edits) {
            List<Edit> needed = new ArrayList<>(edits);
            for (int i = needed.size() - 1; i >= 0; i--) {
                List<Edit> fewer = new ArrayList<>(needed);
                fewer.remove(i);
                if (look(fewer).call() == Call.SOUND) {
                    needed = fewer;
                }
            }
            return needed;
        }

        private void found(Node node) {
            List<Edit> edits = node.edits().size() <= FEW ? fewest(node.edits()) : stripped(node.edits());
            List<Edit> needed = List.copyOf(edits);
            boolean known = ways.stream().anyMatch(w -> needed.containsAll(w.edits()));
            if (!known && isSoundAsWritten(needed)) {
                List<Remedy> used = node.remedies().stream()
                        .filter(r -> r.edits().stream().anyMatch(needed::contains))
                        .toList();
                List<Message> prices =
                        used.stream().map(Remedy::price).distinct().toList();
                ways.add(new Way(
                        needed, prices, used.stream().mapToDouble(Remedy::cost).sum()));
            }
        }
    }

    /** The remedies of each finding that keeps it from being sound, the cheapest first; those that have none are left out. */
    private static List<List<Remedy>> choices(Engine.Glance glance) {
        List<List<Remedy>> choices = new ArrayList<>();
        for (Finding f : glance.findings().found()) {
            if (f.severity().compareTo(Severity.CORRECT) >= 0) {
                choices.add(sorted(Remedies.of(f, glance)));
            }
        }
        for (Question q : glance.findings().questions()) {
            choices.add(sorted(Remedies.of(q, glance)));
        }
        choices.removeIf(List::isEmpty);
        return choices;
    }

    private static List<Remedy> sorted(List<Remedy> remedies) {
        return remedies.stream()
                .sorted(Comparator.comparingDouble(Remedy::cost))
                .toList();
    }

    private static List<Corrections.Mended> mended(Engine.Glance glance) {
        return glance.findings().found().stream()
                .filter(f -> f.severity().compareTo(Severity.CAUTION) >= 0)
                .flatMap(f -> sorted(Remedies.of(f, glance)).stream()
                        .limit(1)
                        .map(r -> new Corrections.Mended(f, r.edits(), r.price())))
                .toList();
    }

    /** The recipe with edits applied, in order; the text and its ranges stay. */
    public static Recipe applied(Recipe recipe, List<Edit> edits) {
        Recipe result = recipe;
        for (Edit edit : edits) {
            result = edit.apply(result);
        }
        return result;
    }

    /** The corrected text, reviewed by itself; what was said besides the text still holds, unless an edit has it otherwise. */
    public Review asWritten(Review review, List<Edit> edits) {
        return asWritten(review.recipe(), review.assertions(), review.context(), edits);
    }

    private Review asWritten(Recipe recipe, List<Assertion> assertions, Context context, List<Edit> edits) {
        List<Assertion> said = assertions.stream()
                .filter(a -> edits.stream().noneMatch(e -> e.overrides(a.field())))
                .toList();
        return engine.review(MarkedText.of(recipe, edits).plain(), said, context);
    }

    /** Solves one recipe; of a letter with several, each part by itself. */
    public Corrections solve(Review review) {
        Engine.Glance asIs = engine.glance(review.recipe(), review.context());
        if (asIs.call() == Call.SOUND) {
            return new Corrections(List.of(), List.of(), List.of(), List.of(), List.of(), mended(asIs), 1);
        }
        Search search = new Search(review.recipe(), review.assertions(), review.context());
        search.run(asIs);
        if (!search.ways.isEmpty()) {
            List<Way> ways = search.ways.stream()
                    .sorted(Comparator.comparingDouble(Way::cost))
                    .toList();
            return new Corrections(ways, List.of(), List.of(), List.of(), List.of(), mended(asIs), search.looks);
        }
        List<Finding> beyond = asIs.findings().found().stream()
                .filter(f -> f.severity().compareTo(Severity.CORRECT) >= 0)
                .filter(f -> Remedies.of(f, asIs).isEmpty())
                .toList();
        List<Question> first = asIs.findings().questions().stream()
                .filter(q -> Remedies.of(q, asIs).isEmpty())
                .toList();
        boolean hopeless = !beyond.isEmpty()
                || first.isEmpty()
                || !asIs.subject().placement().isPlaced();
        List<Instead> instead = hopeless ? Alternatives.of(asIs.subject()) : List.of();
        return new Corrections(List.of(), search.soFar(asIs), first, beyond, instead, mended(asIs), search.looks);
    }
}
