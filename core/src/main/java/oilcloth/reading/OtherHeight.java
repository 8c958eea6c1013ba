package oilcloth.reading;

import oilcloth.text.Cue;
import oilcloth.text.Range;

/**
 * A height that is perhaps not that of the jars: of another place or time, of a recipe, of a way up, or asked and not told. "We
 * used to live at 600 feet", "the recipe is for 600 feet", "town is 600 ft but we're well above it", "600 feet below the pass".
 */
final class OtherHeight {
    private static final String OFTEN =
            "( ?[:=])?( (just|only|about|around|roughly|right|up|down|out|well|maybe|somewhere|near|some|at|to))* $";

    /** What governs the figure. */
    private static final Cue GOVERNS = Cue.of(
            "\\b(used to (live|be|can|put up)|lived|grew up|born|raised|living|(came|come|comes|coming|moved|moving|away|back|up|over|climb\\w*|drive|drove|rises?|rose|grown|hauled (them )?) from|(picked|bought|gathered|foraged|grown|found|caught|shot|born)( [a-z]+){0,4}|(mother|mom|mama|grandma|granny|grandmother|sister|aunt|she|he|they|neighbou?r|friend|daughter)( [a-z]+){0,2} (canned|did|made|put|processed|cooked)( [a-z]+){0,3}|slop\\w+|drops?|climbs?|rises?|(goes|went|going|runs|ran) (down|up|back|out)?|stretches|reaches|extends|falls|(elevation|altitude) (gain|change|changes|difference|drop|rise|climb|varies)( [a-z]+){0,4}|(?<=^|[.;:,(] ?)(for )?example|moving|(will|to|going to|may|might|hope to) (move|be|live)|headed|heading|left|leaving"
                    + "|(recipe|book|card|sheet|time|times|table|chart|page|guide|directions?|instructions?)( [a-z]+){0,3} (is|was|are|were|meant|written|good|right|made|from|worked|tested)( (for|out|meant|written|good|only|at|from))*"
                    + "|(we|i) (had|once had)|(says?|said)( it's| it is| they're)?( good| fine| right)? for|wish(ed)? (i|we) (was|were|lived)|(if|unless|when|until|till) (you|i|we|one|they|people|folks)( (are|were|was|live|lived|can|canned)|'re|'m)?"
                    + "|(more|farther|further) than|within|every|not|n't|never|neither|except|unlike|nowhere near"
                    + "|(when|where) (i|we|she|he|they) (learned|started|began|grew up|first|got|bought|picked)( [a-z]+){0,3}|(elevation|altitude|elev|alt) (-+ )?(of |in |for )?(the |that )?(recipe|book|card|sheet|chart|example)|(elevation|altitude|elev|alt) ?\\((my |our )?(mother|mom|mama|sister|aunt|brother|daughter|son|neighbou?r|friend|grandma|old|former|previous|recipe|book|hers|his|theirs)[^)]*\\)"
                    + "|same (as|for|at)( at)?|(right|fine|good|enough|correct|okay|plenty|proper|meant) (as|for)( at)?|as if( (i|we|it) (was|were))?|(they|people|folks|she|he) (do|does|did|use|uses|have|say|can|cans)( it| them)?)"
                    + OFTEN);

    /** "The orchard is at 600 feet". */
    private static final Cue SUBJECT = Cue.of(
            "(?<=^|[.;:,(–—-] ?|\\b(and|but|because|since|as|so|while|where|that|says|think|guess) )(the|our|my|his|her|their|that|this|a) ((?<other>next|nearest|closest|neighbou?ring|other|old|former|last) )?([a-z'-]+ ){0,3}?(?<noun>[a-z]+)(?<!\\b(it|we|i|she|he|they|that|here|elevation|altitude|elev|alt))('s| is| was| sits| stands| lies| lay| begins| starts| tops out| slopes| drops| climbs| rises)"
                    + OFTEN);

    /** Where somebody cooks, or what a whole place is called by. */
    private static final Cue KITCHEN = Cue.of(
            "kitchens?|house|home|place|farm\\w*|ranch|hall|church|school|camp|cabin|lodge|town|city|village|valley|county|center|centre|cannery|building|apartment|apt|condo|trailer|road|street|address|parsonage|ridge|bench|mesa|hollow|plateau|property|land|yard|neighborhood|neighbourhood|area|spot|community|homestead|acreage|cottage|location|convent|basement|cellar|garage|porch|patio|room|convent|abbey|monastery|rectory|mission|dorm|barn|shop|restaurant|cafe|diner|bakery|store|library|legion|base|station|fort|garden|studio|homeplace|manse|inn|resort|colony|commune|campus|college|university|office|seat|hospital|shelter|pantry|nursery|hospice|height|figure|number|reading|all|everything|everyone|everybody|ours|mine|hers|theirs|canning|which|who|there|block|lot|subdivision|grange|dam|mill|club|parish|market|fairgrounds?|basin|prairie|desert|plains|foothills|island|coast|beach|bay|shore|harbor|creek|fork|springs?|hills?|mountains?|falls|grove|point|junction|crossing|gap|corner|corners|flats?|heights");

    /** "The elevation of the orchard is". */
    private static final Cue HEIGHT_OF = Cue.of(
            "\\b(elevation|altitude|elev|alt) (of|for|from|in|at(?= (my|his|her|their) [a-z]+'s)) (the|our|my|his|her|a|an|their) ([a-z'-]+ ){0,2}?(?<noun>[a-z]+)('s [a-z]+)?( is| was)?"
                    + OFTEN);

    private static final Cue HEIGHT = Cue.of("\\b(elevation|altitude|elev|alt)\\b");

    /** "The ridge we live on is". */
    private static final Cue WE_LIVE = Cue.of("\\b(i|we)('m|'re)? (live|can|cook|sit|am|are)\\b");

    private static final Cue SO_DO_WE =
            Cue.of("^,? (and|so|as|where) (so )?(do|did|am|are|is|was) (i|we|mine|ours)\\b");

    /** What the figure governs. */
    private static final Cue GOVERNED = Cue.of(
            "^(( or so)? (higher|lower|further|farther|closer|up the|down the|up from|away|of (stairs|steps|climb|drop|road|fall|slope)|below (?!sea)|above (?!(mean )?(sea|high water|tide)|(the |our )?(mean )?(sea|ocean|gulf|bay|tide|harbou?r|water|\\w+ which))|under (the|our|my)|past|beyond|short of|from (the|our|my) (?!([a-z]+ )?(map|gps|phone|sign|survey|app|county)))\\b|,? (is|was)( just| only)? (where|what|for|my|our|his|her|their|the) (?!(the |my |our )?([a-z]+ )?(map|gps|phone|sign|survey|app|altimeter)|(we|i|our|my) (are|live|can|elevation|altitude|place|house|kitchen|farm|home|is|am|sits?)|elevation|altitude|height)"
                    + "|,? (back )?then(?= ?[.)!,;]|$)|,? (like|in) (the (town|book|recipe|valley (?!where))|my|her|his)\\b| (times?|column|row|line|recipe|chart|table|rule|section|setting|pressure|pounds|directions?|instructions?)\\b|,? (you|one|they|people|folks) (use|need|process|should|must|have to)\\b| at the [a-z]+ (below|above|under|over)\\b|,? (before|until|till) (the move|moving|(i|we) (moved|left|came))\\b|,? where (i|we|he|she|they) (learned|grew|was|were|lived|used|came|picked|bought|got|started|first)\\b|[ ,;(–—-]*(not sure|unsure|don't know|no idea|can't say|old (house|place|kitchen|farm)|(at|in) (the|our|my) (old|other|previous|former|last)|previous|former|(we're |we are |i'm )?moving|or were|or was|says the (?!([a-z]+ ){0,2}(map|gps|sign|phone|survey|altimeter|county|app)\\b)|(that's|that is|it's|it is|this is|this was) (the |a |what |all )?(time|right|enough|fine|rule|plenty|what|ok|it)\\b|according to the (recipe|book|sheet|card))\\b|,? for the (mountains|hills|high|city|coast)|,? or (is|was) it\\b)");

    /** Then the jars stood higher, or elsewhere. */
    private static final Cue TURNS = Cue.of(
            "(?<=[,;(] |[,;(]|\\b(but|and|though|although|while|only|yet|whereas|so) )(but |and |though |although |while |only |yet )*(we|i|ours|mine|us|it|our|my|the|these|those|this) ?('re|'s|'m)?( [a-z]+){0,5} (more(?= ?[.)!,;]|$)|(a|half a|one|a good) mile (up|high)|miles up|way up|high up|up high|up top|on top(?= ?[.)!,;]|$)|at the (very )?top(?= ?[.)!,;]|$)|higher|above (it|that|town|there|them)|uphill|up the (hill|road|mountain|canyon|valley|ridge|slope)|(up )?on (a|the|top of|our|my) ([a-z]+ )?(hill|hilltop|mountain|mountainside|ridge|bluff|mesa|rim|slope|summit|pass|plateau)|much more|a lot more|way more|elsewhere|somewhere else|another place)\\b"
                    + "|(?<=[,;(] |[,;(]|\\b(but|and|though|while|only) )(these|the jars|this (batch|load|lot)|i (did|canned|made|put up|processed|do|can)|we (did|canned|made|put up|processed|do|can)) ([a-z]+ ){0,4}(at|in|up at|over at|out at) (the |our |my |her |his )?(camp|cabin|lake|cottage|lodge|mountains?|hills|ranch|sister's|mother's|daughter's|[a-z]+'s)\\b");

    private static final Cue ASKED = Cue.of(
            "^(and |so |but )?(are|am|is|was|were|would|do|does|isn't|aren't) (we|i|it|you|they|my|our|the|that)\\b");

    private OtherHeight() {}

    /** Whether a height is of another place: it is kept for later, and asked about at once where the jars stood above it. */
    static boolean isKept(Sentence s, Range height, Draft draft) {
        Range own = height.shift(-s.range().start());
        String before = s.low().substring(0, own.start());
        String behind = s.low().substring(own.end());
        if (TURNS.in(behind)) {
            draft.doubt(height);
            return true;
        }
        boolean other = !SO_DO_WE.in(behind)
                && (GOVERNS.in(before)
                        || isOfNoKitchen(before)
                        || GOVERNED.in(behind)
                        || s.low().endsWith("?") && ASKED.in(s.low()));
        if (other) {
            draft.otherHeights.add(height);
        }
        return other;
    }

    /** Asked about where no height of this place is told. */
    static void settle(Draft draft) {
        if (draft.facts.altitude().isEmpty()) {
            draft.otherHeights.forEach(draft::doubt);
        }
    }

    private static boolean isOfNoKitchen(String before) {
        if (HEIGHT.in(before)) {
            var of = HEIGHT_OF.matcher(before);
            return of.find() && !KITCHEN.is(of.group("noun"));
        }
        var subject = SUBJECT.matcher(before);
        return subject.find()
                && !WE_LIVE.in(subject.group())
                && (subject.group("other") != null || !KITCHEN.is(subject.group("noun")));
    }
}
