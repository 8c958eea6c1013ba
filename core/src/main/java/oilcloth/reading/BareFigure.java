package oilcloth.reading;

import java.util.Optional;
import java.util.Set;
import java.util.stream.IntStream;
import oilcloth.recipe.Fact;
import oilcloth.text.Cue;
import oilcloth.text.Range;

/** A figure without a thing it counts, behind the time that was told: "I gave them 12." */
final class BareFigure {
    /** Behind them a figure is still bare: "I gave them 12 because the baby woke". */
    static final Set<String> NO_NOUN =
            Set.of(("because since mostly steady steadily throughout straight roughly so but and close enough "
                            + "short flat even total sharp there in or then instead by when tops exactly maybe only just "
                            + "about that this is was on at with if as anyway anyways anyhow though although usually "
                            + "normally always myself ourselves regardless max maximum here now generally sometimes often "
                            + "still again too tonight nonetheless rather ever either already all lately")
                    .split(" "));

    /** Minutes, and pounds; fewer and more are neither. */
    private static final int SHORTEST_TIME = 4;

    private static final int LONGEST_TIME = 240;

    /** "I gave them 12.", behind the time that was told: a figure without a thing it counts, and none that was told before. */
    static boolean mayBeTheTime(Sentence s, Draft draft, int i) {
        Optional<Numbers.Figure> found = draft.facts.times().isEmpty() ? Optional.empty() : Numbers.at(s.tokens(), i);
        if (found.filter(f -> f.low() == f.high() && f.low() == Math.rint(f.low()))
                .isEmpty()) {
            return false;
        }
        int figure = (int) found.get().low();
        int next = found.get().next();
        boolean bare = next >= s.size()
                || !s.token(next).isWord()
                || NO_NOUN.contains(s.token(next).norm());
        return bare
                && figure >= SHORTEST_TIME
                && figure <= LONGEST_TIME
                && !isTold(draft, figure)
                && !isWithin(s, i)
                && !s.isBefore(i, 4, EATEN)
                && !isSaidInPassing(s, i)
                && !Residue.isOfSomethingElse(s, i)
                && !(s.isBefore(i, REACH, OTHER_FIGURE) && !s.has(FOLLOWED))
                && !s.opensAt(next, 3, IN_THE_MORNING)
                && !s.opensAt(next, 4, PUT_AWAY)
                && !s.isAround(i, 3, 3, OF_SO_MANY)
                && !(s.is(i - 1, ":") && i > 1 && Talk.isAbout(s.token(i - 2).norm()))
                && !s.has(OF_THE_HOUSE)
                && !(s.has(CALLS) && s.isBefore(i, 1, Residue.HOUR))
                && !isNearTheAltitude(s, draft, figure);
    }

    /** "All five", "the four of us", "by nine": of people, of the clock. */
    private static final Cue ROUND_FIGURE = Cue.of(
            "\\b(all|the|us|by|past|half|before|after|until|till|since|around|every|other|those|these|my|our) $");

    /** "Weight off, wait 10, open". */
    private static final Cue WAITS = Cue.of(
            "\\b(off|zero|nothing|down|out)( (the )?(heat|burner|stove|fire|gas|flame))? ?,? (then |and |i )*(wait|waits|waited|rest|rests|rested) (another |about |for )?$|^(then |and )*(i |we )?(rests?|rested) (them |it )?(another |about |for )?$");

    private static final Cue STEAM = Cue.of("\\bsteam\\w*\\b");

    private static boolean isSaidInPassing(Sentence s, int i) {
        return Rests.isBehindTheEnd(s, i)
                || s.isBefore(i, 6, WAITS) && !s.isBefore(i, 8, STEAM)
                || !s.token(i).isNumber() && s.isBefore(i, 1, ROUND_FIGURE);
    }

    /** "Lived to 94", "in '19", "3 loads of 14", "Q5.", "not 35", "the old book said 15", "makes 4". */
    private static final Cue OTHER_FIGURE = Cue.of(
            "(\\b(?:an?) |\\b(she|he|they|brother|sister|mother|father|neighbou?r|in-law|law|aunt|uncle|cousin|friend|mom|dad|grandma|grandmother|husband|wife)\\b[^.;]{0,20}\\b(says?|said|thinks?|swears?|insists?|claims?|does (hers|his|theirs)|gives (hers|his|theirs))\\b[^.;]{0,24}|\\b(lived (to|till)( be)?|turned|turning|pushing|aged?|nearly) |' ?|\\b(since|when) (i|he|she|we|they) (was|were) |\\b(loads?|batches|family|party|group|crew|table) of |\\bq ?|\\bnot |\\b(old|her|his|their|my \\w+'s|\\w+'s) (book|recipe|sheet|chart|card|leaflet|notebook) (said|says|has|had|gives?|gave|called for|calls for) |\\b(makes?|made|yields?|yielded|came to|comes to|ended up with|total( of)?|in all|(i|we) got|\\b(it|that|which|this) filled|(pints|quarts|jars|half[- ]pints) ?[:=-]) ?(about |around |exactly |just |only )*)$");

    /** "She says 12 and that's what I did". */
    private static final Cue FOLLOWED = Cue.of(
            "\\b(that's|that is|which is) what (i|we)\\b|\\b(and|so) (i|we) (did|do|went|gave|used|ran|followed)\\b");

    private static final Cue IN_THE_MORNING =
            Cue.of("(in the (morning|afternoon|evening)|at night|o'clock|tonight)\\b");

    /** "I have seven on the shelf and one in the fridge", "it says five on the label". */
    private static final Cue PUT_AWAY = Cue.of(
            "(on|in|down in|out in|up on) (the|my|our|a) (\\w+ )?(shelf|shelves|pantry|cellar|basement|cupboard|fridge|refrigerator|icebox|freezer|closet|label|bottle|jug)\\b");

    /** "Sealed: 9 of 9". */
    private static final Cue OF_SO_MANY = Cue.of("\\b\\d{1,3} (of|out of|for) \\d{1,3}\\b");

    /** "My basement gets down to 45". */
    private static final Cue OF_THE_HOUSE = Cue.of(
            "\\b(basement|cellar|garage|outside|outdoors|porch|pantry|root cellar)\\b(?!.*\\b(canner|process\\w*|boil\\w*|pounds|pressure)\\b)");

    private static final Cue CALLS =
            Cue.of("\\b(call|phone|reach|ring|home|work|ready|open|close[ds]?|bed|up|picked|noon)\\b");

    /** Tokens before it that may say what it is. */
    private static final int REACH = 8;

    /** Feet. */
    private static final int NEAR = 100;

    /** "115 ft, so call it 150". */
    private static boolean isNearTheAltitude(Sentence s, Draft draft, int figure) {
        return draft.facts
                .altitude()
                .filter(a -> a.range().filter(s.range()::contains).isPresent())
                .filter(a -> Math.abs(a.value().feet() - figure) <= NEAR)
                .isPresent();
    }

    /** "He ate six". */
    private static final Cue EATEN = Cue.of(
            "\\b(ate|eats?|eaten|gave (away|(him|her|mother|mom))|sold|won|traded|took home)( (about|all|only|another))? $|\\b(my|our|the) (\\w+ )?(\\w*son|\\w*daughter|child|baby|boy|girl|twins|mother|father|mom|dad|husband|wife|niece|nephew|aunt|uncle|grand\\w+|oldest|youngest|dog|cat|horse|cow)( is|'s| just turned) (now |only |just )?$");

    /** The second half of "eighty-five". */
    private static boolean isWithin(Sentence s, int i) {
        return s.is(i - 1, "-")
                && IntStream.range(Math.max(0, i - LONGEST_FIGURE), i).anyMatch(k -> Numbers.at(s.tokens(), k)
                        .filter(f -> f.next() > i)
                        .isPresent());
    }

    private static final int LONGEST_FIGURE = 3;

    /** "5,600 ft, so always 15": the time or the pressure that was told before, and no other thing. */
    static boolean isToldAgain(Sentence s, Draft draft, int i) {
        boolean bare = i + 1 >= s.size() || s.is(i + 1, ")") || s.is(i + 1, ".") || s.is(i + 1, ",");
        return bare
                && !s.isItem()
                && Numbers.at(s.tokens(), i)
                        .filter(f -> f.next() == i + 1
                                && f.low() == f.high()
                                && f.low() == Math.rint(f.low())
                                && isTold(draft, (int) f.low()))
                        .isPresent();
    }

    private static final Set<String> OF_THE_TIME = Set.of(
            ("it they them all mine each every both jar jars load got had gave given was were is are its their his her the full whole for and by on clock timer dot exactly exact minutes minute min mins i "
                            + "we ran run kept held to right second solid good true proper beans corn pears peaches meat what that these those also too again same")
                    .split(" "));

    private static final Cue AND_NOT = Cue.of("\\b(and )?(not|never|instead of|rather than)( (the|a|only))? ");

    /** "They got their thirty and not twenty.": the time that was told, and words of no other thing. */
    static boolean isOnlyToldAgain(Sentence s, Draft draft) {
        int end = AND_NOT.find(s.searched(), 0).map(Range::start).orElse(s.low().length());
        int figures = 0;
        for (int i = 0; i < s.size(); i++) {
            boolean other = s.token(i).range().start() - s.range().start() >= end;
            Optional<Numbers.Figure> figure =
                    s.is(i, "a") || s.is(i, "an") ? Optional.empty() : Numbers.at(s.tokens(), i);
            if (figure.isPresent()) {
                double told = figure.get().low();
                if (!other && (told != Math.rint(told) || told < SHORTEST_TIME || !isTold(draft, (int) told))) {
                    return false;
                }
                figures += other ? 0 : 1;
                i = figure.get().next() - 1;
            } else if (s.token(i).isWord()
                    && !(other ? AND_NOT_WORDS : OF_THE_TIME)
                            .contains(s.token(i).norm())) {
                return false;
            }
        }
        return figures == 1;
    }

    private static final Set<String> AND_NOT_WORDS =
            Set.of("and", "not", "never", "instead", "of", "rather", "than", "only", "a", "the", "minutes");

    private static boolean isTold(Draft draft, int figure) {
        return draft.facts.times().stream()
                        .map(Fact::value)
                        .anyMatch(t -> t.least().value() == figure || t.most().value() == figure)
                || draft.facts.pressures().stream().map(Fact::value).anyMatch(p -> p.psi() == figure);
    }

    private BareFigure() {}
}
