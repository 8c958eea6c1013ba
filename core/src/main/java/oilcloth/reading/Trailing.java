package oilcloth.reading;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import oilcloth.recipe.Fact;
import oilcloth.recipe.Facts;
import oilcloth.recipe.Ingredient;
import oilcloth.recipe.Unread;
import oilcloth.text.Cue;
import oilcloth.text.Range;
import oilcloth.text.Token;

/**
 * What hangs on behind the time in the canner, an acid, a headspace or a jar: "15 minutes boiling water, lids loose". It is no clause of its own and the
 * sentence has said something else, so nobody weighs it; a word not known to be harmless there is asked about.
 */
final class Trailing {
    private static final Map<String, WordList> HARMLESS = WordList.sections("trailing-words.txt");

    /** What is done once the time is over, and other phrases with nothing in them against it. */
    private static final Cue IDLE = Cue.of(
            "\\b((and |so )+(i|we) (did|do)(?= ?[.;)]|$)|(and )?so (did|do) (i|we)(?= ?[.;)]|$)|(with |then )?(the )?(heat|burner|stove|gas|fire)( was| is)?( turned)? off|(turned?|shut) (it |the (heat|burner|stove) )?off|(then )?(the )?lids? (came |comes )?off|took (it |them |the \\w+ )?off|let (it|them|the (pressure|canner|gauge|jars)) (\\w+ )?(down|drop|fall|cool|come|go|sit|stand|rest)|cool(ed|ing)?( down| off| naturally)*|(no|without( any)?) (added )?salt|(just )?to be (extra |really |on the )?(safe|sure)( side)?|above sea level|(?<=\\bjars\\b[^.;]{0,40})(and |were |was )+kept (hot|warm)|(?<=\\b(ft|feet|foot)\\.? )or (less|under|below|lower)|to (take the edge off|cut the (sour|tart|acid)\\w*)|and a (spoon|pinch|spoonful|teaspoon) of sugar|(with )?(the )?(weight|it) (was |kept )?(going|rocking|jiggling|dancing|doing its dance|rocked|jiggled|danced)( gently| steadily| nicely| along)?( the (whole|entire) (time|way)| all the (time|while|way)| throughout)?|(just |only )?barely over|(once|when|after) (it|the \\w+) (hit|hits|reached|reaches|got to|gets to|came to)|before (i |we )?(the weight (goes|went) on|put(ting)? the weight on)|never left (it|the (stove|kitchen|canner))|(and |i )?(kept|keep|keeping|with) (my|an|one|a close) eyes? on (it|the \\w+)|(and |it )*never (once )?(dropped|fell|went|dipped|got|slipped) (below|under)( (it|that|the mark|\\d+|ten|eleven|twelve|thirteen|fifteen)( (lbs?|pounds|psi))?)?(?= ?[,.;)]|$)|then (heat )?off|(which |that )?(covers?|covered|covering) (them |it |the (jars|lids|tops) )?by|(just )?(the way|as|like) (we|i|you|they) (were |was |have been |had been )?(shown?|taught|told|said|showed|demonstrated|learned)( (us|me|to|it|in class))*|(took|take|got|get|worked) (the |any |all )?(air )?bubbles( out| up)?|(as the (liquid|syrup) )?(since|because|as) (my|our|the) \\w+ (is|has|can't|cannot|mustn't|shouldn't)( have| eat)?( a| any)? ?(sugar|salt|diabet\\w*|diet)|(it |and )?never (stopped|quit|let up) (jiggling|rocking|dancing|rattling|hissing|boiling)|in (an )?(extra|very)(?= (light|thin|heavy) syrup)|(last|this|over the|on the) (weekend|week|month|summer|fall)|for a change|(at|in) the (very )?top( of (the|each) jars?)?|this time( around)?|(was |is |reads? )?(dead|spot) on|so no (changes?|adjustments?|extra (time|minutes)|added (time|minutes))( (needed|necessary|required))?|(not|none) too (tight|tightly|full|loose|firm)|(to allow |just )?(for|allowing for|to allow for) (expansion|swelling|expanding)|because it (swells|expands|puffs)( up)?|while (it's |it is |they're |they are |everything's |everything is )?(still )?(piping )?hot|(right|straight|directly|immediately) after filling|(counting |counted |timed |starting )?from (the time |the moment |when )?(it|the water|they|everything) (came|comes|come|returned|returns|got|gets|is|was|reached|reaches) (back )?(up )?(to |at )?(a |the )?(full |rolling |hard )*boil|the \\w+('s| is| sits| lies| stands)( up| right| about| around)* at(?= [\\d,]+ (ft|feet|foot)\\b)|(?<=\\b(water|juice) )instead of (the )?(broth|stock|syrup|juice)(?= ?[,.;(]|$)|(since|because|as) \\w+('s)?( (place|house|kitchen|farm))? (is|sits)( (at|up at))?(?= [\\d,]+ ?(ft|feet|foot|'))|fresh(?= (boiling|hot) water)|(weighted|dial)( gauge)? (kind|sort|type|one|style)|or better|never less|no more,? (and )?no less(?! than)|(?<=\\b(pints|quarts|jars),? )loose(ly)?(?= ?[,.;])|(filled|covered) with fresh(?= (boiling |hot )*water)|(?<=\\b(filled|packed) )loose(ly)?(?= with\\b)|not (the )?\\d+(?= ?[.,;)]|$)|pack(ed|ing)? loose|(adjusted|add(ed)?|allowing) for (my |our |the )?(altitude|elevation)|or (should|do|would|can|could|must|does|is) (i|we|it|that|they) [^.;]*(?=\\?))\\b");

    /** Known words all, and yet no time that was tested. */
    private static final Cue UNSURE = Cue.of(
            "\\bor (until|till?|when)\\b|\\b((un)?til|till) (it|they|the (lids?|jars|tops)|all|every\\w*)\\b[^.;]{0,24}\\b(seal|sealed|ping|pinged|pop|popped)\\b|\\b(count\\w*|includ\\w+|from) (the )?(time|minutes|start)\\b(?! (it|the water|they|everything) (came|comes|come|returned|returns|got|gets|is|was|reached|reaches) (back )?(up )?(to )?(a |the )?(full |rolling |hard )*boil)[^.;]{0,20}\\b(took|takes|heat|boil|come|start)\\w*\\b|\\bmore or less\\b|\\b(no|without( any)?|with no) lids?\\b|\\bin (the |some )?(big|large|old) (\\w+ )?jars\\b|\\bfrom cold\\b|\\bwhile (it|they) cool\\w*|\\bor longer or\\b");

    /** Words: what is longer may be let pass for what it sounds like. */
    private static final int LONGEST = 3;

    /** Words and signs behind what was read last; beyond them the sentence tells of something else. */
    private static final Map<String, Integer> REACHES = Map.of("canner", 14, "acid", 14, "filling", 3);

    /** Then the jars are being filled, and not counted or given away. */
    private static final Cue FILLING = Cue.of(
            "\\b(hot|raw|fill|filled|pack|packed|packing|pour|poured|ladle|ladled|cover|covered|headspace|headroom|leaving|leave)\\b");

    private final MarkedRemarks marked = MarkedRemarks.shipped();

    void read(Sentence s, Draft draft) {
        int canner = start(s, draft);
        List<Range> acids = acids(s, draft);
        List<Range> fills = fills(s, draft);
        if (canner < 0 && acids.isEmpty() && fills.isEmpty()) {
            return;
        }
        if (canner >= 0) {
            s.findAny(UNSURE)
                    .filter(r -> r.start()
                            >= s.token(Math.min(canner, s.size() - 1)).range().start())
                    .ifPresent(r -> draft.unread.add(new Unread(r, true)));
        }
        List<Range> read = understood(s, draft);
        // "pints of sausage, ground": read by the sausage already
        Set<String> forms = Facts.values(draft.facts.forms());
        List<Range> idle = s.has(IDLE)
                ? IDLE.matcher(s.low())
                        .results()
                        .map(m -> new Range(m.start(), m.end()).shift(s.range().start()))
                        .toList()
                : List.of();
        boolean boil = canner >= 0 && isOnlyOfTheBoil(s, draft);
        String place = "";
        int run = -1;
        int behind = 0;
        for (int i = 0; i <= s.size(); i++) {
            Range token = i < s.size() ? s.token(i).range() : null;
            if (i == canner) {
                place = "canner";
                behind = 0;
            } else if (token != null && !place.equals("canner")) {
                // a figure behind a comma begins the next of a list
                boolean item = s.is(i - 1, ",") || s.is(i - 1, ";");
                boolean next = item && (s.token(i).isNumber() || isAbout(s, i));
                place = overlaps(acids, token)
                        ? "acid"
                        : overlaps(fills, token) ? "filling" : next && place.equals("acid") ? "" : place;
            }
            boolean known = token != null
                    && (s.isClaimed(i)
                            || overlaps(read, token)
                            || forms.contains(s.token(i).norm()));
            boolean open = token != null && s.token(i).kind() != Token.Kind.SIGN && !known;
            behind = known ? 0 : behind + 1;
            if (open && run < 0 && !place.isEmpty() && behind <= REACHES.get(place)) {
                run = i;
            } else if (!open && run >= 0) {
                Optional<Unread> strange = weigh(s, draft, run, i, HARMLESS.get(place), idle);
                strange.ifPresent(draft.unread::add);
                if (boil && place.equals("canner")) {
                    strange.filter(u -> !ofJars(u, s)).ifPresent(draft.behindBoil::add);
                }
                run = -1;
            }
            if (s.is(i, ";")
                    && place.equals("filling")
                    && i + 1 < s.size()
                    && s.isClaimed(i + 1)
                    && s.token(i + 1).isWord()) {
                // "1/2 inch; vinegar, water and salt heated to boiling": of what comes next
                place = "";
            }
            if (s.is(i, ":")
                    && i + 1 < s.size()
                    && StepWords.isKnown(s.token(i + 1).norm())) {
                // "20 minutes, like the sheet: peeled, cored, …"
                place = "";
            }
        }
    }

    /** "; about 14 heads of dill". */
    private static boolean isAbout(Sentence s, int i) {
        return (s.is(i, "about") || s.is(i, "approximately"))
                && i + 1 < s.size()
                && s.token(i + 1).isNumber();
    }

    private static boolean overlaps(List<Range> ranges, Range token) {
        for (Range r : ranges) {
            if (r.overlaps(token)) {
                return true;
            }
        }
        return false;
    }

    private static List<Range> acids(Sentence s, Draft draft) {
        List<Range> acids = new ArrayList<>();
        for (Ingredient i : draft.ingredients) {
            boolean told = i.amount().isPresent() || i.perJar().isPresent();
            if (told && i.food().isAcidulant() && s.range().contains(i.range())) {
                acids.add(i.range());
            }
        }
        return acids;
    }

    private static List<Range> fills(Sentence s, Draft draft) {
        List<Range> fills = new ArrayList<>();
        within(s, draft.facts.jars(), fills);
        within(s, draft.facts.headspace().stream().toList(), fills);
        return fills.isEmpty() || s.has(FILLING) ? fills : List.of();
    }

    private static void within(Sentence s, List<? extends Fact<?>> facts, List<Range> into) {
        for (Fact<?> f : facts) {
            f.range().filter(s.range()::contains).ifPresent(into::add);
        }
    }

    private Optional<Unread> weigh(Sentence s, Draft draft, int from, int to, WordList known, List<Range> idle) {
        Range words = s.span(from, to);
        boolean spoken = draft.unread.stream().anyMatch(u -> u.bears() && words.overlaps(u.range()))
                || draft.practices.stream().anyMatch(p -> words.overlaps(p.range()));
        if (spoken) {
            return Optional.empty();
        }
        boolean strange = false;
        for (int i = from; i < to; i++) {
            strange |= !isPlace(s, i)
                    && !isDenial(s, i)
                    && !isHarmless(s.token(i).norm(), known)
                    && !overlaps(idle, s.token(i).range());
        }
        return strange && !(to - from > LONGEST && marked.weight(s, words) < MarkedRemarks.HARMLESS)
                ? Optional.of(new Unread(words, true))
                : Optional.empty();
    }

    /** "2 tablespoons bottled lemon juice, no pectin": of what was read as not there. */
    private static boolean isDenial(Sentence s, int i) {
        return i + 1 < s.size()
                && (s.is(i, "no") || s.is(i, "without"))
                && s.isClaimed(i + 1)
                && s.token(i + 1).isWord();
    }

    private static final Cue JARS = Cue.of("\\b(lids?|jars?|bands?|rings|caps?|seal\\w*|put up)\\b");

    private static boolean ofJars(Unread words, Sentence s) {
        return JARS.in(words.range().of(s.whole()).toLowerCase(Locale.ROOT));
    }

    /** "Boiled 3 min, loosely filled": the food, if another time is told for the jars. */
    private static boolean isOnlyOfTheBoil(Sentence s, Draft draft) {
        List<Range> methods = new ArrayList<>();
        within(s, draft.facts.methods(), methods);
        return methods.isEmpty()
                && draft.facts.times().stream()
                        .filter(t -> t.range().filter(s.range()::contains).isPresent())
                        .allMatch(draft.boiledTimes::contains);
    }

    private static final Set<String> STREET =
            Set.of("street", "st", "road", "rd", "avenue", "ave", "lane", "ln", "drive", "hollow", "county", "ridge");

    /** "At 2,300 ft in Dillard hollow", "Harbor street, 12 feet". */
    private static boolean isPlace(Sentence s, int i) {
        return i > 0
                && Character.isUpperCase(s.token(i).raw().charAt(0))
                && (s.is(i - 1, "in")
                        || s.is(i - 1, "at")
                        || s.is(i - 1, "near")
                        || s.is(i - 1, "outside")
                        || i + 1 < s.size() && STREET.contains(s.token(i + 1).norm())
                        || isPlace(s, i - 1))
                && !Talk.isWeighty(s.token(i).norm());
    }

    /** "we're", "mother's": by the word itself. */
    private static boolean isHarmless(String word, WordList known) {
        int apostrophe = Math.max(word.indexOf('\''), word.indexOf('’'));
        return known.has(word)
                || apostrophe > 0 && known.has(word.substring(0, apostrophe))
                || SlipOfThePen.of(word, known::has);
    }

    private static List<Range> understood(Sentence s, Draft draft) {
        List<Range> read = new ArrayList<>();
        draft.facts.ranges().stream().filter(s.range()::overlaps).forEach(read::add);
        Stream.of(draft.facts.vented(), draft.facts.gauge(), draft.facts.sterilised(), draft.facts.bubblesRemoved())
                .flatMap(Optional::stream)
                .flatMap(f -> f.range().stream())
                .filter(s.range()::overlaps)
                .forEach(read::add);
        return read;
    }

    /** The token behind the time, or behind the canner where that comes first; -1 where the sentence tells no time. */
    private static int start(Sentence s, Draft draft) {
        List<Range> canner = new ArrayList<>();
        within(s, draft.facts.times(), canner);
        if (canner.isEmpty()) {
            return -1;
        }
        within(s, draft.facts.methods(), canner);
        return canner.stream()
                .mapToInt(r -> s.first(new Range(r.end(), s.range().end())))
                .min()
                .orElse(-1);
    }
}
