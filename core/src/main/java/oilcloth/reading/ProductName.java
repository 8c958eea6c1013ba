package oilcloth.reading;

import java.util.List;
import java.util.Locale;
import java.util.Set;
import oilcloth.recipe.Fact;
import oilcloth.text.Cue;
import oilcloth.text.Range;

/** What the food is made into: named in the title, in the opening of a letter, and by how it is cut or kept. */
final class ProductName {
    /** "Turkey stock: simmered …", "apple butter - 8 lb": a letter that opens with what it is. */
    private static final Cue HEADS = Cue.of(" ?(.*: )?([a-z'&-]+ ){0,6}[\"“]?([a-z'&-]+ ){0,3}");

    private static final Cue COLON = Cue.of(
            " ?(:|!|-|–|—|\\.$)| (again|once more)[,.]| (from|out of|simmered|made|cooked|boiled|done|canned|put up|strained|with|for|like|the way|as|again) | (in )?(hot )?(half[- ]?pints?|pints?|quarts?|jars)\\b|( [a-z0-9']+){1,4}[\"”]? ?:|[\"”] ?:");
    private static final Cue COMMA = Cue.of(",");
    /** Tokens of "Tomato sauce, thin." */
    private static final int LABEL = 5;

    /** "My grape juice has crystals in it". */
    private static final Cue OWN = Cue.of("\\b(my|our) ([a-z]+ ){0,2}$");

    /** "Packed hot with broth in quarts": what covers it. */
    private static final Cue LAID_IN =
            Cue.of("\\b(with|in|and|under|over) ([a-z]+ )?$|\\b(hot|raw|cold)[- ]?pack ?: $");

    private static final Cue TURNED = Cue.of(
            " (has|have|had|is|are|was|were|turned|came|did|didn't|won't|will not|looks?|got|separated|jelled|never)\\b");

    /** "I wanted to run my chicken stock by you": of a broth that covers meat the other words may be told as well. */
    private static final Cue ASKED_OF = Cue.of(" (by (you|someone|somebody|an expert)|past you)\\b");

    private static final Cue MAKING = Cue.of(
            "\\b((is|are|about|abt|on|re|regarding|concerning|check|check(ing)? on|asking about|wondering about|review|look at|regarding|share|submit|send(ing)?|submitting|sharing|double[- ]check|verify) (my|our|her|his|their)|(is|are|about|check|review|look at) (this|these)|i mean|did|doing|made|make|making|can|canned|canning|put(ting)? up|here is|here's|here are|check(ing)? on|asking about|wondering about|(recipe|method|directions|instructions|procedure|process|card)( here| card| of mine)? for|(review|check|notes?|questions?) (of|on|about)|recipe is for|(card|sheet|label|page|title) (says|reads|said)|batch(es)? of|quarts of|pints of|jars of)( (some|my|our|the|this|her|his|a|up|plain|homemade|home[- ]made|[a-z-]+))?( [a-z-]+){0,2} $");

    /** "It makes a good soup", "we use it in chili": what becomes of it at the table. */
    private static final Cue SERVED = Cue.of(
            "(^|\\b(it|they|this|these|that|juice|syrup|leftovers?) )makes? (a |an |some )?(good|great|nice|fine|wonderful|lovely|very good|quick|easy) $"
                    + "|\\b(uses?|good|great|serve|serve (it|them|these)|served|eat|ate|eat (it|them|these)|have (it|them|these)|like it|like them|love it|love them)\\b[^.;]{0,24}\\b(in|for|into|over|on|with) (a |my |our |some |the )?$"
                    + "|\\b(base|start|starter) for (a |my |our |the |some )?(\\w+,? (and|or) )?(\\w+ )?$");

    /** "Okra, plain, for gumbo": what it will be one day. */
    private static final Cue PURPOSE = Cue.of(
            "(?<!\\b(recipe|recipes|directions|instructions|time|times|question|method|brine|syrup|vegetables|process) )\\bfor (my |our |the |a |making )?$");

    /** "I'll puree it when I open them": not now. */
    private static final Cue ON_OPENING = Cue.of(
            "\\b(i|we|she|he|they)('ll| will)? (can )?(\\w+ (it |them )?(and|then) )?(puree|mash|mill|blend|cream) (it|them) (when|once|after|as|before) (i|we|she|he|they) (opens?|uses?|serves?|heats?|bakes?|cooks?|makes?|wants?|eats?|needs?|gets? to)\\b|\\b(when|once|after) (i|we) open (it|them|a jar|one)\\b");

    /** "Old spaghetti sauce and mayo jars": what the jars held once. */
    private static final Cue OF_JARS = Cue.of("( ?(and|or|&|/|,) ?[a-z]+( butter| sauce)?)? (glass )?jars?\\b");

    /** "For tomato sauce, plain, thick, I reduce by half": what is made, where the next is how. */
    private static final Cue TOPIC = Cue.of("^for (my |our |the )?([a-z]+ )?$");

    private static final Cue COOKED_SO = Cue.of(
            "((, | )(plain|thin|thick|smooth|chunky|medium|seedless)){0,3},? (i|we) (then |first |just )?(reduce|simmer|cook|mill|strain|puree|boil)\\b");

    private ProductName() {}

    static void read(Sentence s, Draft draft, boolean title) {
        if (title) {
            forms(s, draft, FormWords.FORMS, true);
        } else {
            if (draft.title.isEmpty()
                    && (draft.opening > 0 || draft.facts.jars().isEmpty())) {
                named(s, draft);
            }
            forms(s, draft, FormWords.HEARD_IN_BODY, false);
        }
        boolean later = s.has(ON_OPENING);
        for (Phrase<String> style : later ? List.<Phrase<String>>of() : FormWords.STYLES) {
            s.find(style.pattern())
                    .filter(r -> !SERVED.in(before(s, r.start() - s.range().start())))
                    .ifPresent(r -> draft.facts.forms().add(Fact.read(style.value(), r)));
        }
    }

    /** "Soup question. I am not canning soup, only the stock": what a title named is not what was made. */
    static void takeBack(Sentence s, Sentence instead, Draft draft) {
        for (Phrase<String> form : FormWords.FORMS) {
            if (s.findAny(form.pattern()).isPresent()) {
                draft.facts.forms().removeIf(f -> f.value().equals(form.value()));
            }
        }
        forms(instead, draft, FormWords.FORMS, true);
    }

    private static final Set<String> DENSER = Set.of("milled", "fine");

    private static final Cue PUT_THROUGH =
            Cue.of("\\b(i|we|she|he|they|run|ran|put|pass(ed)?|push(ed)?|press(ed)?|rub(bed)?)\\b");

    /** "I pass it through a sieve": no talk, wherever it is told. */
    static boolean isMadeDenser(Sentence s, List<Fact<String>> forms) {
        return s.has(PUT_THROUGH) && forms.stream().map(Fact::value).anyMatch(DENSER::contains);
    }

    /** Whether the words name a product: "relish", "peach jam". */
    static boolean namesForm(Sentence s) {
        for (Phrase<String> form : FormWords.FORMS) {
            if (s.find(form.pattern()).isPresent()) {
                return true;
            }
        }
        return false;
    }

    /** Whether the words name a product, be it to say that it is not this one. */
    static boolean namesAnyForm(Sentence s) {
        return FormWords.FORMS.stream().anyMatch(f -> s.findAny(f.pattern()).isPresent());
    }

    /** Whether the words tell how the food is cut or kept: "smoked", "crushed". */
    static boolean namesStyle(Sentence s) {
        return FormWords.STYLES.stream().anyMatch(f -> s.find(f.pattern()).isPresent());
    }

    /** "I made tomato juice": a letter without a title names its product after a verb of making, not in passing. */
    private static void named(Sentence s, Draft draft) {
        boolean opens = draft.opening-- > 0;
        for (Phrase<String> form : FormWords.FORMS) {
            s.find(form.pattern())
                    .filter(r -> opens && isMade(s, r) || isLabel(s, r))
                    .ifPresent(r -> draft.facts.forms().add(Fact.read(form.value(), r)));
        }
    }

    private static boolean isMade(Sentence s, Range form) {
        int at = form.start() - s.range().start();
        String behind = s.low().substring(form.end() - s.range().start());
        if (TOPIC.is(s.low().substring(0, at)) && COOKED_SO.opens(behind)) {
            return true;
        }
        return !PURPOSE.in(before(s, at))
                && (s.searched().mayHold(MAKING) && MAKING.in(before(s, at))
                        || OWN.in(before(s, at))
                                && !LAID_IN.in(before(s, at))
                                && (ASKED_OF.opens(behind) || !isBroth(s, form) && TURNED.opens(behind))
                        || HEADS.is(s.low().substring(0, at))
                                && !LAID_IN.in(before(s, at))
                                && (COLON.opens(behind)
                                        || (s.range().start() == 0 || at == 0 && isFruitSauce(s, form))
                                                && COMMA.opens(behind)));
    }

    /** "Hello from the farm. Applesauce, milled, …": a food by itself. */
    private static boolean isFruitSauce(Sentence s, Range form) {
        String word = form.of(s.whole()).toLowerCase(Locale.ROOT);
        return word.endsWith("sauce") && !word.equals("sauce");
    }

    private static boolean isBroth(Sentence s, Range form) {
        String word = form.of(s.whole()).toLowerCase(Locale.ROOT);
        return word.equals("stock") || word.equals("broth");
    }

    /** "Tomato sauce, thin.": nothing but the name, wherever it stands in a letter without a title. */
    private static boolean isLabel(Sentence s, Range form) {
        int at = form.start() - s.range().start();
        return s.size() <= LABEL
                && HEADS.is(s.low().substring(0, at))
                && COMMA.opens(s.low().substring(form.end() - s.range().start()));
    }

    private static String before(Sentence s, int at) {
        return s.low().substring(Math.max(0, at - 44), at);
    }

    private static void forms(Sentence s, Draft draft, List<Phrase<String>> forms, boolean title) {
        forms.forEach(f -> s.find(f.pattern())
                .filter(r ->
                        !OF_JARS.opens(s.low().substring(r.end() - s.range().start())))
                .filter(r -> !PURPOSE.in(before(s, r.start() - s.range().start())))
                .filter(r -> !NotInTheJar.isForLater(
                        s.low().substring(r.end() - s.range().start())))
                .filter(r -> title
                        || !s.searched().mayHold(SERVED)
                        || !SERVED.in(before(s, r.start() - s.range().start())))
                .ifPresent(r -> draft.facts.forms().add(Fact.read(f.value(), r))));
    }
}
