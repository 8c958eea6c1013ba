package oilcloth.reading;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import oilcloth.guide.Gauge;
import oilcloth.guide.Pack;
import oilcloth.measure.Headspace;
import oilcloth.measure.Minutes;
import oilcloth.recipe.CanningMethod;
import oilcloth.recipe.Fact;
import oilcloth.recipe.HeadspaceStated;
import oilcloth.text.Cue;
import oilcloth.text.Range;

/** Facts known by their words: method, canner, pack, covering liquid, form, and cues on the jar. */
final class PhraseFacts {
    /** A cue on the jar, and the inches it stands for (formulas, section 2: plus or minus an eighth). */
    private record JarCue(Cue pattern, double least, double most) {}

    private static Cue p(String regex) {
        return Cue.of(regex);
    }

    private static final Cue OPEN_KETTLE = p(
            "\\b(lids?|tops?|caps?)( and (bands?|rings?))?,? (slapped|popped|clapped|snapped|clamped|screwed|jammed|put)( right)? (on|down)\\b[^.;]{0,24}\\b(turned|flipped|tipped|stood|upside|inverted|on (its|their) heads?|and left|and wait\\w*)\\b|\\b\\blids?\\b[^.;]{0,24}\\b(suck|pull|draw)(s|ed)? (themselves |themself |itself )?down (by themselves|on their own|themselves|tight)\\b|\\b(seal|sealed|cap|capped|screw|close|lid)\\w*\\b[^.;]{0,36}\\b(at once|immediately|right away|right off|while (it'?s |it is |they'?re |they are |everything'?s )?(still )?(hot|boiling|piping))\\b"
                    + "|\\blet (them|it|the jars|mine) (all )?seal\\b|\\bthe heat (seals|sealed|will seal)\\b|\\b(slap|pop|clap|snap|clamp)(ped)? (the |on the )?(lids?|tops?|caps?)( on)?\\b[^.;]{0,20}\\b(they seal|it seals|that's it|they're done|done|and wait)\\b"
                    + "|\\blids?( on)?,? (and )?(then )?(just )?(wait|listen) (for|til+|until) (the |them to |they |it to |that )?(ping|pop|seal)\\w*"
                    + "|\\bseal (hot|while hot|at once)\\b|\\bno process(?= ?([.,;!]|$))|\\bno (need (to|for)|processing|water ?bath|bath|canner)( (a |any |the )?(process\\w*|water ?bath\\w*|canner|can them|boil))?\\b(?![^.;]{0,12}liquid)"
                    + "|\\bwithout (any )?(processing|a water ?bath|water bath\\w*)|\\b(do not|don'?t|never|didn'?t|did not) (bother (to |with )?)?(process|water ?bath|process\\w*)\\b"
                    + "|\\b(lids?|jars?|they)\\b[^.;]{0,24}\\b(pop|ping|seal|went down|go down|sucks? down|sucked down|pulls? down)s?\\b[^.;]{0,24}\\b(on their own|by themselves|as they cool|as it cools|when they cool|themselves)"
                    + "|\\b(heat|hot (jam|jelly|food|fruit|sauce|juice|syrup|brine))\\b[^.;]{0,20}\\b(will )?seals? (the |them|it)|\\b(no heat|just pour\\w*)\\b[^.;]{0,50}\\b(lids?|jars?|they) (will )?seal|\\bself[- ]?seal|\\bseals? (its ?self|itself|them ?selves|by its ?self|on its own)\\b|\\b(boiling|piping) hot\\b[^.;]{0,20}\\b(screw(ed)?|put|popped|clapped|slapped) (on )?(the )?lids?( on)?(?=[.;]|$)"
                    + "|\\b(don'?t|do not|did not|didn'?t|never|can'?t|could ?n'?t) see (why|(the |any |a )?(need|point|reason|sense|use))\\b[^.;]{0,24}\\b(process|boil|can|canner|bath)\\w*"
                    + "|\\bcover(ed)?\\b[^.;]{0,24}\\b(with|under) (a |thick |heavy |several )*(towels?|blankets?)|\\bwrap(ped|s)?( (them|it|the jars|everything))?( up)? in (a |thick |heavy |old |wool |several )*(towels?|blankets?|quilts?|newspapers?)\\b|\\b(towels?|blankets?) (over|on top|round|around)\\b[^.;]{0,20}\\b(till|until)\\b|\\b(screwed|lids?|caps?|rings?) (on|down)\\b[^.;]{0,40}\\b(till|until) (they|the lids|it|the jars|each one|each) (pop|ping|seal|suck|dome)\\w*|\\b(lids?|caps?|tops?|rings?)\\b[^.;]{0,30}\\b(tight|on|down)\\b[^.;]{0,12}\\band that('s| was| is) (that|it|all)\\b|\\b(sealed|capped|lidded|lids on)\\b[^.;]{0,40}\\bto (go )?(pop|ping|seal|suck)\\b|\\bturn(s|ed)? (it|them|the jars|each( one| jar)?|jars|mine) [^.;,]{0,24}\\bto seal\\b|\\b(never|not|hasn't|haven't|hadn't|didn't)( ever| once)?( has| have| had)? (put|set|seen|had) (a|any|one|her|the|those|these) (single )?jars? in(to)? (a|the|any|her) (canner|bath|water ?bath|boiling water)\\b|\\b(as|when|while|once) (they|the jars|it) cool(s|ed)?( down| off)?,? (they|the lids|each one|it) (all |will |go |goes )*(pop|ping|seal|suck)(s|ed)?\\b|\\bnothing (else|more|further) (is |was )?(needed|required|necessary)\\b|\\bopen[- ]kettle\\b|\\b(it|they|jars|lids) (all )?seal(s|ed)? (when|as|while|once) (it|they|the jars) cool|\\bturn(s|ed)? ((it|them|the jars|each|jars) )?(over )?(up)?on (their )?heads?\\b|\\b(they|it|jars|the jars|lids) (all )?seals? (by|on) (themselves|itself|their own|its own)\\b");

    /** Said outright, where "put the lids on while hot" may only be a step on the way to the canner. */
    private static final Cue NOT_PROCESSED = p(
            "\\b(i|we|she|he|they)\\b[^.;]{0,16}\\b(do not|don'?t|do n't|never|didn'?t|did not) (bother (to |with )?)?(process|water ?bath|can)\\b(?! for the \\w+\\b| (as|this|these|it|them)? ?(as long|longer|that long|with))"
                    + "|\\b(i|we) just (pour|cap|seal|fill|ladle|screw|put)\\b[^.;]{0,60}\\b(seals?|sealed|lids? on|cap them)\\b|\\bno process(ing\\b|(?= ?([.,;!]|$)))|\\bwithout (any )?processing\\b");

    private static final List<Phrase<Pack>> PACKS = List.of(
            Phrase.of(
                    "(?<!\\b(either|or|hot or) )(?<!\\blast (yr|year|time|summer|season|fall)( my| the| our| i| we)? )(?<!\\b(should|could|would)( ha|')ve )\\b(raw|cold)[- ]?pack(ed|ing|s)?\\b(?! (makes?|gives?|(is|are) ?(not|n't)|isn't|aren't)\\b)|\\braw (halved|sliced|whole|peeled|pitted) (and )?packed\\b|\\braw,? (in(to)? )?(half[- ]pints?|pints?|quarts?|jars)\\b|(?<!\\bhot[- ])\\bpack(ed|ing)?\\b[^.;]{0,24}\\b(raw|uncooked|cold)\\b(?! (water|brine|syrup))|\\b(raw|uncooked),?( and| then)? (packed|put|filled) |\\bpack ?[:=-] ?(raw|cold)\\b|(?<=^[^\\d.;]{0,80})(?<!\\b(bones|scraps|livers|necks|giblets)), raw(?= ?[.;,:])|\\braw,? (and )?cut (up |in |into )[^.;]{2,20}, pack(ed)?\\b|\\bfill(ed|ing)?\\b[^.;]{0,20}\\b(raw|cold|uncooked)\\b(?! (water|brine|syrup|jars?|liquid|pack))|(?<!\\b(jars|lids|they) )\\b(goes|go|went|put|added?) in(to)?( the( hot)? jars?)? (raw|cold|uncooked)\\b(?! water)|\\bmix(ed)? (it |them |all )*(raw|cold)\\b(?! (water|brine))|(?<!\\b(brown|cook|simmer|boil|fry|sear)(ed|ing)? (the |all the )?)\\braw (ground |diced |cubed )?(beef|meat|venison|pork|chicken|turkey|hamburger|sausage)\\b(?![^.;]{0,60}\\b(brown|cook|boil|simmer|fr(y|ied)|sear|steam(?!(ed|ing)? (jars|lids|canner))|bak|roast|hot[- ]?pack)\\w*)|\\b(raw|uncooked|fresh raw) (packed )?[a-z]+( [a-z]+)? (into|in) (the |clean |hot |sterile )*jars",
                    Pack.RAW),
            Phrase.of(
                    "^hot ?: |\\b(when|once|as soon as) (it|they|that|everything) ((boils?|boiled|is boiling|was boiling)( (again|up))?|(comes?|came|gets?|got) (back )?(up )?to a boil),? (i |we |then )*(fill|pack|ladle|spoon)(ed)?\\b|\\bhot way\\b|\\b(goes?|go|went|put|slid|slip(ped)?|drop(ped)?|add(ed)?)\\b[^.;]{0,16}\\b(in|into) the (hot |boiling |simmering )*(syrup|juice),?( and)? (as soon as|soon as|when|once|until|till) (it|they|that|everything) (all )?(boils?|comes? (back )?(up )?to a boil)\\b|\\bhot ((blue|black|rasp|huckle|goose|logan|mul)?berries|cherries|plums|figs|apricots|fruit|pears|peaches|apples) (go |went |goes )?(in|into) (it|them|each|the|after|on top)\\b|\\b(heat(ed)?|bring|brought)( (them|it|the \\w+|all|everything|through|up))* to (a )?(full |rolling )?boil(ing)? in (a |the |some )?((very )?(extra )?(light|thin|medium|heavy) )?(syrup|juice)\\b|(?<!\\bjars ?: ?)\\b(quarts|pints|half[- ]pints|jars), hot(?=[,.;])|\\bpack ?[:=-] *hot\\b|\\bpack(ed)? (them |it |the \\w+ )?(in|into) (the |my |clean )?(pints|quarts|jars|half[- ]pints) hot\\b|(?<!\\b(either|or) )\\bhot[- ]?pa?c?k(ed|ing|s)?\\b(?! or raw)|\\bheat(ed)?( it| them| through| up| in [a-z]+( [a-z]+)?)* (to|till|until|up to) (it |they )?(a |boils? )?boil(ing|s|ed)?\\b[^.]{0,6}\\b(hot )?(quarts|pints|jars)\\b|\\bheat(ed)? (it |them |through )?to (a )?boil(ing)?( in [^.;,]{2,40})?,?( (and|then))?[^.;]{0,12}\\b(quarts|pints|jars)\\b|\\bfill (the |my )?jars? (1 (quart|pint) |one (quart|pint) )?hot\\b|\\bhot in (a |the )?(very |extra[- ]?)?(light|thin|medium|heavy) syrup\\b|, hot, (in )?((very )?(light|thin|medium|heavy) syrup|juice|water|broth)|\\bpack(ed)? (them |it |the [a-z]+ )?hot\\b|\\bhot,? (in|into) (the |my )?hot (quart |pint |half[- ]pint )?(jars|quarts|pints|half[- ]pints)\\b|\\b(pack|fill|ladle|ladled|spoon|spooned|pour|poured|put)\\b[^.;]{0,30}\\b(hot|boiling) (fruit|(blue|black|rasp|huckle|goose|logan|mul)?berries|cherries|plums|figs|apricots|greens|peas|okra|asparagus|rhubarb|pears?|peaches|apples?|tomato\\w*|meat|beans|beets|vegetables?|mixture|sauce|juice|jam|jelly|relish|chutney|salsa|soup|ketchup|butter|pickles|puree|filling|kernels|corn|carrots|[a-z]+ (pieces|slices|halves|chunks|cubes)|[a-z]+ and (liquid|syrup|broth|juice))\\b|\\b(filled|packed)\\b[^.;,]{0,40}\\bwith (the )?(hot|boiling) (fruit|(blue|black|rasp|huckle|goose|logan|mul)?berries|cherries|plums|figs|apricots|greens|peas|okra|asparagus|rhubarb|pears?|peaches|apples?|tomatoes|meat|beans|beets|vegetables?|mixture|sauce|kraut|chili|potatoes|relish|chutney|salsa|soup|ketchup|kernels|corn|carrots)\\b|^hot,? (in|into) (the |my )?((quart|pint|half[- ]pint) )?(jars|quarts|pints|half[- ]pints)\\b|\\b(ladle|ladled|spoon|spooned)\\b[^.;]{0,10}\\bhot\\b[^.;]{0,30}\\bjars|\\bfill(ed)?\\b[^.;]{0,16}\\b(jars|pints|quarts) hot\\b",
                    Pack.HOT));

    private static final String POUR =
            "\\b(cover|covered|covering|fill|filled|(?<!\\bon )top|topped|pour|poured|add|added|pack|packed|ladle|ladled|cover with|put up)\\b";
    private static final List<Phrase<String>> LIQUIDS = List.of(
            Phrase.of(
                    "(?<!\\b(boiled|cooked|simmered|stewed|heated|boil|cook|simmer|stew|heat)( them| it| gently| down)?( with)? )\\b(no|without( any)?( added)?|don'?t add( any)?|do not add( any)?|with no( added)?|not add(ing)?( any)?)( (added|extra))? (liquid|water(?! ?-?bath)|juice|broth|stock)( (added|or anything))?\\b(?! (to|in) the canner)|\\b(dry[- ]?pack(ed|ing)?|canned dry(?! [a-z])|dry[- ]?cann(ed|ing))\\b|\\b(pack|packed|fill|filled)\\b[^.;,]{0,30}\\bdry\\b(?! (mustard|beans?|peas|yeast|spices|bread|jars?|rims?|towel))|\\bno added (liquid|water|juice)|\\b(in|with) (their|its) own juices?\\b|\\bpress(ed)?\\b[^.;]{0,50}\\b(juice|juices)\\b|\\bnothing (else )?added\\b|\\bnothing (over|on top of|poured over|on) (it|them|the \\w+)\\b|\\bnothing over(?= ?[,.;]|$)|\\bwith nothing over\\b|\\bnothing but (the )?tomatoes",
                    "none"),
            Phrase.of(
                    POUR
                            + "[^.;]{0,60}\\btomato juice\\b|\\bin tomato juice\\b|\\btomato juice (over|to cover|to fill)",
                    "juice"),
            Phrase.of(
                    POUR
                            + "[^.;]{0,40}\\b((hot|boiling|fresh|clean|cooking|plain|their cooking)[ ,]*)+water\\b(?! ?-?(bath|canner)\\b)(?![^.;]{0,20}(over the lids|over the jars|above))|\\b(packed|canned|pack|covered|tomatoes|halves|slices|pieces) in (hot |boiling |plain )?water\\b|\\b(raw|packed|pack|peeled),? with (hot |boiling |plain )?water\\b(?! ?-?bath)|\\b(whole|raw|halved),? in (hot |boiling |plain )?water(?= ?[,.;]|$)|^(hot |boiling |plain )?water (up )?to (within )?(half|a|an|one|1|1/2|½)\\b|\\b(hot|boiling) water to (cover|fill)\\b(?![^.;]{0,12}\\b(boil|simmer|cook|bring|heat|soak|blanch)\\w*)|\\bwater (to|until it) (cover|fill)s? (them|the (tomatoes|fruit|beans|peaches|pears))|\\b(topped|fill|fills|filled|filling)( (it|them|mine|each (one|jar)|the (jars?|rest)))? (up )?with (hot |boiling |cold |plain )*water\\b(?![^.;]{0,20}(over the lids|over the jars|above|canner))|\\b(hot|boiling) water over (them|it|that|the (tomatoes|fruit|beans|jars of))\\b|\\b(hot |boiling )?water (they|it|these|the (tomatoes|tomatillos|pears|peaches|fruit|beans|beets|carrots|corn|peas|okra)) (was |were )?(cooked|boiled|simmered|heated) in\\b",
                    "water"),
            Phrase.of(
                    POUR + "[^.;]{0,40}\\bsyrup\\b|\\bin (a )?(very )?(light |thin |medium |heavy )*syrup\\b", "syrup"),
            Phrase.of(
                    POUR
                            + "[^.;]{0,40}\\b(apple|grape|white grape|fruit|orange|pineapple) juice\\b|\\bin (apple|white grape|fruit) juice\\b",
                    "fruit juice"),
            Phrase.of(
                    POUR
                            + "[^.;]{0,60}\\b(broth|stock|meat juices)\\b|\\b(pints?|quarts?|jars?),? (with |in |and )?(the )?(hot |boiling )?(broth|stock)(?= ?[,.;]|$)",
                    "broth"));

    /** Said of nothing else than the jar, whatever sentence it stands in. */
    private static final JarCue NO_HEADSPACE = new JarCue(
            p(
                    "\\b(no|without|leave no|leaving no|left no|not? any|zero|0) head ?(space|room)\\b(?! (is |was )?(needed|required|given|stated|listed|figure|problems?|issues?|trouble|in the|on the))|\\bleav(e|es|ing) (nothing|none)(?= ?([.,;]|$|at|on|up))|\\b(so )?(they|it|food|liquid|syrup|juice|fruit) (just |nearly )?touch(es|ing)? the lids?\\b|\\bfull,? (with )?no (air|space|room)\\b|\\b(no|hardly any|barely any) (space|room|air) (to speak of|at all|at the top|left at the top|on top)\\b"),
            0,
            0.125);

    /** "Hot in quarts, to the top". */
    private static final JarCue JARS_TO_THE_TOP = new JarCue(
            p(
                    "\\b(jars|pints|quarts|half[- ]pints),? (right |clear |all the way |up )?to the (very )?(top|lid)\\b(?= ?([.,;]|$))"),
            0,
            0.125);

    /** Cues that are of a jar in whatever sentence they stand. */
    private static final Set<JarCue> PLAIN = Set.of(NO_HEADSPACE, JARS_TO_THE_TOP);

    private static final List<JarCue> CUES = List.of(
            new JarCue(
                    p(
                            "\\b(fill|filled|full|up|level|pack|packed|stuff|stuffed)\\b[^.;]{0,30}\\b(to|with) the (very )?(rim|brim|top)\\b|\\bto the (very )?(rim|brim)\\b|\\bbrim ?full\\b"),
                    0,
                    0.125),
            new JarCue(p("\\b(a )?hair('s breadth)? (of|from|below|under|off) the (rim|top|brim|lip)\\b"), 0, 0.125),
            NO_HEADSPACE,
            JARS_TO_THE_TOP,
            new JarCue(p("\\bjust (under|below|shy of) the (rim|top|brim)\\b"), 0.125, 0.25),
            new JarCue(p("\\b(first|top) thread\\b"), 0.125, 0.375),
            new JarCue(p("\\b(second|2nd) thread\\b|\\bbottom of the threads?\\b"), 0.375, 0.75),
            new JarCue(
                    p("\\b(neck ring|ring of the neck|bottom of the neck|bead|collar|base of the neck|to the neck)\\b"),
                    0.75,
                    1.125),
            new JarCue(
                    p("\\b(shoulders?|where the jar (starts to )?curves?)\\b(?![^.;]{0,10}(roast|pork|beef))"),
                    1.125,
                    1.625),
            new JarCue(p("\\b(a )?finger'?s?[- ]?(width|breadth)\\b|\\bone finger\\b"), 0.5, 0.875),
            new JarCue(p("\\b(thumb joint|knuckle)\\b"), 0.875, 1.125),
            new JarCue(p("\\btwo fingers\\b"), 1.25, 1.5));

    /** "Covered them with water and boiled them gently 5 minutes … and the hot cooking liquid". */
    private static final Cue COVERED_TO_COOK = p(
            "\\bcover(ed|ing)? (them |it |the \\w+ )?(in|with) (hot |boiling |cold |fresh |plain )?water\\b[^.;]{0,40}\\b(boil|simmer|heat|cook|bring|brought)\\w*");

    private static final Cue COOKING_LIQUID =
            p("\\b(the|their|its|that|hot|boiling) ((hot|boiling) )?cooking (liquid|water)\\b");

    private static final Cue DIAL = p("\\bdials?\\b|\\bgauge (reads?|read) (true|right|correct\\w*)\\b");
    /** Many a canner with a weight has a dial besides, to tell when it may be opened. */
    private static final Cue DIAL_FALLS = p(
            "\\bdial (has |had |to )?((fall|falls|fell|fallen|drop|drops|dropped|go|goes|went|come|comes|came|get|gets|got|read|reads|say|says|said|is|was|rest|rests) )+(back )?(down )?(to |at |on )?(zero|0|nothing)\\b|\\b(dial|needle)( (was|stayed|held|kept|sat|is|stays))?( (rock|dead|right|good and))? (steady|still|put)\\b(?! at)|\\b(dial|needle) never (once )?(moved|wandered|dropped|budged|wavered|fell)\\b(?! (off|from|above|past|up))");

    private static final Cue WEIGHTED = p(
            "\\b(weight|regulator|jiggler|rocker) ?\\( ?(5|10|15|five|ten|fifteen)( ?(lbs?|pounds?|#))? ?\\)|\\b(weight|regulator|jiggler|rocker) (on )?((is|was|set|marked|stamped|kept) )*(at|on|to|marked) (the )?(5|10|15|five|ten|fifteen)\\b(?! ?(min|:|day|week|hour|percent|%|o'clock|[ap]\\.?m))|\\bweighted(?= (at (five|ten|fifteen)|5|10|15)\\b)|(?<=\\d ?(lbs?|pounds|#),? )(rocking|jiggling|dancing)\\b|\\b(the|my|a) (5|10|15|five|ten|fifteen)[ -]?(#|lbs?|pounds?)? ?weight\\b|\\bweight\\b[^.;]{0,40}\\b(starts?|started|begins?|began|got|gets) (to (rock|jiggle|dance|rattle|wobble)|rocking|jiggling|dancing|rattling|wobbling)\\b|\\bcanner( type| kind)? ?[:=–-] ?weighted\\b|\\b(canners?|gauges?) (is|are|was|were) (both |all )?(the )?(weighted|rockers?|jigglers?)\\b(?! or)|\\bon (the|a|my) weighted\\b|^weighted(?=,[^.;]*\\b(vent\\w*|lbs?|pounds?|psi|min\\w*)\\b)|\\bweight,? ?(5|10|15) ?(#|lbs?|pounds?|psi)[.]?,? (for )?\\d+ ?min|\\b5[-/, ]+10 ?(?:[-/,]|and|or)* ?15\\b(?=[^.;]{0,16}\\b(weight|canner|regulator|set|kind))|\\bweighted (kind|type|sort|one|style|model)\\b|\\b(is|has|with) (a |the )?weighted\\b|\\b(canner|cooker|mine) (with|has|uses|came with) ((the|a|my) )?weights?\\b(?! (on|in|off|for|over|to)\\b)|\\b(rocker|rocking|jiggler) (type|kind|style|weight)\\b|\\bweighted(?=,? ?(at |@ ?)?\\d+ ?(lb|#|psi|pound))|\\b(lbs?|pounds?|#|psi) (on|by|with) (the|my) weight\\b|\\b(pounds?|lbs?)[- ](weight(?! (of|gauge|gain|loss|on (the|a) plate))|regulator|jiggler|rocker|counterweight)\\b|\\b(three|two|3|2)[- ]piece weight\\b|\\bwe?i?ghtd\\b|\\bwtd\\b|\\b(pounds?|lbs?\\.?|psi|#),? ?\\(?(with (the|a|my) )?weight(ed)?\\b|(?<=(\\d|#|lb|lbs|pounds|pound|psi|canner|gauge|minutes|mins|min)[.,]? ?[/(–-]? ?)weighted\\b(?=[,.;)]|$)|\\bweight(ed)?\\b(?=[^.;]{0,30}\\b(gauge|jiggl|rock(ing|ed|er|s (away|along|gently|steadily))|canner))|\\b(jiggler|rocker|(rocking|wobbling|jiggling|dancing|bobbing|wobbly) weight|petcock weight|jiggles?|jiggling)\\b(?! (out|each|every|the (?!weight|regulator|rocker)\\w+|the (jar|bubbles|air)|a (knife|skewer|chopstick)|around|them))");
    /** "It's either weighted or the dial, my son set it up." */
    private static final Cue EITHER_GAUGE = p(
            "\\b(either|whether|if|which|sure|know|remember|tell)\\b[^.;]{0,40}\\b(weighted|weight|dial)\\b[^.;]{0,20}\\bor (not )?(a |the )?(weighted|weight|dial)\\b");

    /** "Canner (weighted)", "a weight, not a dial"; a weight that goes on closes the vent of either kind. */
    private static final Cue WEIGHT_KIND = p(
            "\\b(canner|cooker|pc|gauge|gauge (type|kind|style)) ?[-–(:,=]* ?((it has|the|has|with|w/|uses|just|only|a|one[- ]piece|\\d[- ]piece|weight) )*weight(ed)?\\b(?! ?(on|went|goes|was|is|of|in|off|for|over|to|\\d))"
                    + "|\\bweight(ed)?( (gauge|type|kind))?,? (and )?(not|no|instead of|rather than)( a| the)? dial\\b|\\b(no|without( a)?|not( a)?) dial\\b[^.;]{0,16}\\bweight(ed)?\\b(?! (on|went|goes)\\b)"
                    + "|\\bweight(ed)? (type|style|kind|ga)\\b|\\b(one|\\d)[- ]piece weight\\b|\\bjiggle (kind|type|style|top)\\b");

    /** Kraut is weighted as well. */
    private static final Cue JUST_WEIGHTED =
            p("^((it's|it is|mine is|that's|that is) )?(a )?weighted( one| kind| type| canner)?[.]?$");

    private static final Cue PARTIAL = p(
            "\\b(two|three|four|some|a few|several|[2-9])( (of )?(the |my )?(jars|pints|quarts|half[- ]pints|them))\\b[^.;]{0,20}\\b(half|partly|partially)[- ](full|filled)\\b(?! of (juice|liquid|broth|syrup))|\\b(last|one|final|odd) (jar|pint|quart)\\b[^.;]{0,40}\\b((half|partly|partially|two[- ]thirds)(?! (an? |of an? )?inch| in\\b)( (full|filled))?|(only|not quite|not|wasn't|isn't|was not|is not)( (quite|half|partly|three quarters|two[- ]thirds))* (full|filled))|\\b(jars|pints|quarts|half[- ]pints),? (all |only |just |about |filled )*(half|three[- ]quarters|two[- ]thirds|partly)([- ]full| filled)?(?= ?[.,;])|\\b(half[- ]full|partly full|partially filled|half[- ]filled|not full) (jar|pint|quart)|\\b(jar|pint|quart)\\b[^.;]{0,20}\\b(was|is|were|came out|came up|ended up|turned out) (only )?(about )?(half|partly|two thirds|three quarters) full\\b");
    private static final Cue PARTIAL_COLD = p("\\b(fridge|refrigerat\\w*|eat|ate|freez\\w*|right away|supper)\\b");
    private static final Cue BUBBLES =
            p("\\b(bubbles?|debubble|air (pockets?|bubbles?)|run a (knife|spatula|chopstick|skewer))\\b");
    private static final Cue STERILISE = p(
            "\\b(jars|half[- ]pints|pints|quarts)( (that |which )?(i|we|she|he|they)('d|'s|'ve| had| has| have)| (that |which )?(had|have)( been)?) boiled (for )?(ten|10|\\d\\d)\\b|\\b(jars|pints|half[- ]pints)( jars)?,? (were |was |are |all )*boil(ed)? (for )?(a full )?(\\w+|\\d+) (minutes|mins?)\\.? (first|before ?hand|ahead|and (kept|held|left|set|stood))\\b|\\b(jars|half[- ]pints|pints|quarts) (that |which )?(i|we) boiled (for )?(ten|10|\\d\\d) ?min\\w* (first|before\\w*|ahead)|\\bsterili[sz]\\w*\\b|\\bsterile +(hot |clean |quart |pint |half[- ]pint |mason )*(jars?|half|1/2|½|pints?|quarts?|jelly|[48][- ]oz)\\b|\\b(jars|half[- ]pints|pints|quarts) ([(] ?)?(were |are |all |kept |hot and )*sterile\\b|\\bboil(ed)? (the |my |our )?(empty |clean |washed )+((pint|quart|half[- ]pint|jelly|canning|mason) )*(jars|pints|quarts|half[- ]pints|glasses)\\b|\\bboil(ed)? (the |my |our )?((pint|quart|half[- ]pint|jelly|canning|mason) )*(jars|pints|quarts|half[- ]pints) (for )?(a full )?(ten|10|1[1-9]|15|twenty|20) ?-? ?min\\w* (first|before ?hand|ahead|before (filling|i|we))\\b|\\bjars (were |are )?boiled (for )?(10|ten|11|12|15|\\d\\d) ?min\\w*(?=[^.;]{0,30}(\\bkept|\\bfirst|\\bbefore|\\bempty|\\.|$))");
    /** Less than any sterilising takes. */
    private static final Minutes NOT_BOILED = Minutes.of(1);

    private static final Cue NOT_STERILE = p(
            "\\b(straight|right|fresh) (from|out of|off) (of )?(the|my|our) (cupboard|shelf|box|cellar|cabinet|drainer|store|case|pantry|dish ?washer|dish (rack|pan|drainer)|sink)\\b|\\b(jars|pints|quarts)( (hot|warm|clean))?( right| straight)? (out of|from) (the|my|our) dish ?washer\\b(?![^.;]*\\b(boil|steril)\\w*)|\\b(jars|pints|quarts)\\b[^.;]{0,40}\\b(just|only) (washed|rinsed|wiped)\\b|\\b(jars|pints|quarts)\\b[^.;]{0,60}\\b(washed|rinsed)\\b[^.;]{0,40}\\b(no|without) (boil|steril|scald)\\w*|\\b(jars|pints|glasses)\\b[^.;]{0,50}\\b(not|never|but not|un) ?(been )?(boiled|sterili[sz]ed|sterile|scalded)\\b|\\b(unsterili[sz]ed|unsterile|non-?sterile|unboiled|unscalded) (\\w+ )?(jars|pints|half[- ]pints|glasses)\\b|\\b(just|only) (washed|rinsed|wiped)( out)? (the |my )?jars\\b|\\b(did not|didn't|don't|do not|never) (bother (to |with |about )?)?(boil|sterili[sz]e|scald|boiling|sterili[sz]ing|scalding) (the |my |any )?(empty |clean )*jars\\b");
    private static final Cue PER_THOUSAND = p(
            "\\b(add|adds|plus|extra)\\b[^.;]{0,12}?(\\d+|one|two|a) (extra )?min(ute)?s?\\b[^.;]{0,16}\\b(per|for every|for each|each|every) (1,?000|thousand)|\\b(1|2|one|two|a) (extra |more )?min(ute)?s? (more|extra|longer|over) (per|for every|for each|each|every) (1,?000|thousand)");
    private static final Cue INTO_CANNER = p(
            "\\b(jars?|pints?|quarts?)\\b[^.;]{0,40}\\b(in|into|to) (the |a |my |your |boiling |big |large |hot )*(canner|water ?bath|kettle|pot|boiling water|pressure)|\\bthem\\b[^.;]{0,40}\\b(in|into|to) (the |a |my |your |boiling |big |large |hot )*(canner|water ?bath|pressure)|\\b(lower|load|set|place|put|submerge)\\w*\\b[^.;]{0,24}\\bjars?\\b[^.;]{0,40}\\b(canner|pot|kettle|water|rack)|\\bload(ed)? the canner\\b|(^|[,;] )(and |then )*(in|into) (the|my|a) (big |hot )*(canner|water ?bath)\\b");
    /** "I did 14 pints of sweet potatoes in the pressure canner": what the letter is about, before it tells how. */
    private static final Cue ALL_OF_IT = p(
            "\\b(did|made|canned|done|put up|put by|tried|ran)( up)? (my |our |the |a |about |some |first |\\d+ |few |dozen |batch |couple )*(jars?|pints?|quarts?|half[- ]pints?) of \\w+");

    private static final Cue OUT_OF_CANNER = p(
            "\\b(remove|removed|lift|lifted|take|took)\\b[^.;]{0,24}\\b(jars?|them|from|out)\\b|\\b(cool|cooling) (on|for|over|undisturbed)\\b|\\bturn(ed)? off\\b");
    private static final Cue FILLED = p(
            "^(then |and )?(in|into) (the |my )?(hot |clean |sterile |warm )*(pint |quart |half[- ]pint |jelly )?(jars|pints|quarts|half[- ]pints)\\b|\\b(fill|filled|pack|packed|ladle|ladled|spoon|spooned|pour|poured|put|jarred)\\b[^.;]{0,50}\\b(in|into|to) (the |hot |clean |sterile |sterilized |warm |my |your |pint |quart |half[- ]pint |wide[- ]?mouth |canning |mason |jelly )*(jars?|pints?|quarts?|half[- ]pints?)\\b|\\b(fill|filled|pack|packed) (the |hot |clean |sterile |sterilized |warm |my |your |our |pint |quart |half[- ]pint |wide[- ]?mouth |canning |mason |jelly |[0-9]+ |six |seven |five |eight )*(jars|pints|quarts|half[- ]pints)\\b|\\bheadspace\\b");
    /** "… then the hot carrots and their liquid, an inch from the top". */
    private static final Cue TO_THE_TOP =
            p("\\b(inch|inches)\\b[^.;]{0,12}\\b(from|of|below|at|to) the (top|rim|brim)\\b");

    private static final Cue LID = p("\\b(lids?|lidded|caps?|capped)\\b");

    /** "Wipe, lid. Boil 15 min.": nothing but the closed jars is left to boil. */
    private static final Cue BOIL_NOW = p(
            "((then|and) )?((i|we) )?(then )?boil(ed)? ((them|it|the (jars|pints|quarts)) )?(for )?(\\d+|[a-z-]+) (full )?min(ute)?s?\\b ?([.,;()]|$|(and (i|we) (live|are)|at [\\d,]+ (ft|feet))\\b)");

    /** "20 minutes rolling boil." of what is in jars: no food is boiled any more. */
    private static final Cue ROLLING_NOW = p(
            "((then|and) )?((i|we) )?((then|time[ds]?|count(ed)?) )*(it |them )?(for )?(\\d+|[a-z-]+) (full )?min(ute)?s?\\.? ?(((at|of|in) )?(a )?((full|hard|good|steady) )*rolling boil|(at a )?(hard |full |steady )*boiling(?= ?([.;(]|$))|((counted|timed) )?from (when|the time|the moment) (the boil|it|the water|the canner|the kettle) ((comes|came|gets|got|boils|boiled|returns|returned|is|was) )?(back|again|boiling)\\b)[^a-z]*($|[.,;(])");

    private static final Cue COOK = p(
            "\\b(simmer|simmered|boil|boiled|cook|cooked|cooking|heat|heated|stew|stewed|brown|browned|saute\\w*|bring|brought|steam|steamed|precook\\w*|poach\\w*|roast\\w*)\\b");
    /** "Heat with 1/2 cup water until boiling": what else but the food. */
    private static final Cue COOKED_ALONE = p(
            "^(\\d+ ?[.)] ?)?(simmered|boiled|cooked|heated|brought to a boil) in (the |a |my )?((very|light|medium|heavy|extra|hot|boiling|plain) )*(syrup|juice|water)\\b|^(\\d+ ?[.)] ?)?(heat|boil|simmer|cook|bring)( (gently|slowly|through|up|with [^.;]{0,30}))? ?(until|till|to a|for|\\d)|^(heated|brought)( (gently|slowly|through|up|back|the (whole |entire )?(kettle|pot|batch|lot)( of it)?))* (until|till|to a|to the) |^(\\d+ ?[.)] ?)?(simmered|boiled|cooked|steamed|baked) (them |it )?(about |till |until |to |only )*(two[- ]thirds|2/3|⅔|part ?way|partly|rare)\\b");

    private static final Cue COOKED_FOOD = p(
            "\\b(fruit|pears?|peach\\w*|apples?|apricots?|plums?|figs?|berries|cherries|nectarines?|rhubarb|pineapple|tomato\\w*|tomatillos?|beans|beets|corn|kernels|carrots|peas|okra|asparagus|potato\\w*|squash|pumpkin|greens|spinach|meat|beef|venison|chicken|pork|vegetables?|veggies|kraut|cabbage|them|it|everything|mixture|all|slices|halves|pieces|chunks|cubes|sauce|juice|soup|spears|pods|ingredients|peppers|mushrooms|onions)\\b");
    /** "Syrup boiling, apricots in, back to the boil." */
    private static final Cue IN_AND_BOILED = p(
            "\\b(fruit|pears?|peach\\w*|apples?|apricots?|plums?|figs?|berries|cherries|nectarines?|rhubarb|beans|beets|corn|carrots|peas|okra|asparagus|potatoes|squash|pumpkin|halves|slices|pieces|cubes|them) (in|added|go in|went in),? (and |then )*(brought |let it come |bring )?(back|up) (up )?to (a|the) boil\\b");

    private static final Cue SCALD = p(
            "\\b(scald|dip|dipped|blanch|slip|loosen|skins? (slip|off|split)|peel)\\w*\\b|(?<!\\b(and|in|with) (the |a |my )?((very |extra )?(light|medium|heavy|hot) )?)\\b(brine|syrup|water|vinegar|liquid|sugar) (to a boil|boil)|\\b(heat|boil|warm|wash|hold|keep|sterili[sz]e)\\w*\\b[^.;,]{0,14}\\bjars\\b");

    void read(Sentence s, Draft draft, boolean title) {
        ProductName.read(s, draft, title);
        CanningMethods.read(s, draft);
        // "pack raw and cover with hot juice" is a raw pack: the first to match in a sentence decides
        for (Phrase<Pack> pack : PACKS) {
            Optional<Range> said = s.find(pack.pattern());
            if (said.isPresent()) {
                draft.facts.packs().add(Fact.read(pack.value(), said.get()));
                break;
            }
        }
        liquids(s, draft);
        canner(s, draft);
        jar(s, draft);
        progress(s, draft);
    }

    private static void liquids(Sentence s, Draft draft) {
        Optional<Range> none = s.findAny(LIQUIDS.get(0).pattern());
        if (none.isPresent()) {
            boolean otherwise =
                    draft.facts.liquids().stream().anyMatch(l -> !l.value().equals("none"));
            if (otherwise) {
                // covered with broth, and then "no liquid at all"
                draft.doubt(none.get());
            }
            draft.facts.liquids().add(Fact.read("none", none.get()));
            return;
        }
        if (s.has(COVERED_TO_COOK)) {
            draft.cookedInWater = true;
        }
        if (draft.cookedInWater) {
            s.find(COOKING_LIQUID).ifPresent(r -> draft.facts.liquids().add(Fact.read("water", r)));
        }
        LIQUIDS.stream().skip(1).forEach(l -> s.find(l.pattern())
                .ifPresent(r -> draft.facts.liquids().add(Fact.read(l.value(), r))));
    }

    private static void canner(Sentence s, Draft draft) {
        s.findAny(NOT_PROCESSED).ifPresent(r -> draft.unprocessed = Optional.of(r));
        s.findAny(OPEN_KETTLE).ifPresent(r -> draft.facts.openKettle(Fact.read(true, r)));
        if (!s.has(EITHER_GAUGE)) {
            gauge(s, draft);
        }
        Venting.read(s, draft);
        Preparing.leftOut(s, draft);
        Preparing.pieces(s, draft);
        PressureFall.read(s, draft);
        s.find(PER_THOUSAND).ifPresent(r -> {
            String words = s.low()
                    .substring(
                            r.start() - s.range().start(), r.end() - s.range().start());
            double minutes = words.matches(".*\\b(2|two)\\b.*") ? 2 : 1;
            draft.facts.minutesPerThousandFeet(Fact.read(minutes, r));
        });
    }

    private static void gauge(Sentence s, Draft draft) {
        boolean weighted =
                draft.facts.gauge().filter(g -> g.value() == Gauge.WEIGHTED).isPresent();
        s.find(DIAL)
                .filter(r -> !(weighted && s.has(DIAL_FALLS)))
                .ifPresent(r -> draft.facts.gauge(Fact.read(Gauge.DIAL, r)));
        s.find(WEIGHTED)
                .filter(r -> !PressurePounds.isOfACrock(s))
                .ifPresent(r -> draft.facts.gauge(Fact.read(Gauge.WEIGHTED, r)));
        if (draft.facts.vented().isPresent() || !draft.facts.pressures().isEmpty()) {
            s.find(JUST_WEIGHTED).ifPresent(r -> draft.facts.gauge(Fact.read(Gauge.WEIGHTED, r)));
        }
        if (draft.facts.gauge().isEmpty()) {
            s.find(WEIGHT_KIND).ifPresent(r -> draft.facts.gauge(Fact.read(Gauge.WEIGHTED, r)));
        }
    }

    private static void jar(Sentence s, Draft draft) {
        if (!s.has(PARTIAL_COLD)) {
            s.find(PARTIAL).ifPresent(r -> draft.facts.partlyFilled(Fact.read(true, r)));
        }
        s.find(BUBBLES).ifPresent(r -> draft.facts.bubblesRemoved(Fact.read(true, r)));
        if (draft.facts.sterilised().isEmpty()) {
            s.find(STERILISE).ifPresent(r -> draft.facts.sterilised(Fact.read(Minutes.of(0), r)));
            s.findAny(NOT_STERILE).ifPresent(r -> draft.facts.sterilised(Fact.read(NOT_BOILED, r)));
        }
        boolean filling = s.has(FILLED)
                || s.low().contains("fill")
                || s.low().contains("leave")
                || s.low().contains("leaving");
        boolean water = s.low().contains("water in the") || s.low().contains("canner");
        Optional<Fact<HeadspaceStated>> told = draft.facts.headspace();
        if (told.isPresent() && !told.get().value().cue()) {
            // "leave half an inch … I fill mine to the brim": what is done speaks against what was said
            s.find(NO_HEADSPACE.pattern())
                    .or(() -> s.find(JARS_TO_THE_TOP.pattern()))
                    .or(() -> filling && !water ? s.find(CUES.get(0).pattern()) : Optional.empty())
                    .ifPresent(r -> draft.doubt(r));
        }
        if (told.isEmpty()) {
            for (JarCue cue : CUES) {
                Optional<Range> r = PLAIN.contains(cue) || filling && !water ? s.find(cue.pattern()) : Optional.empty();
                if (r.isPresent()) {
                    draft.facts.headspace(Fact.read(
                            new HeadspaceStated(Headspace.ofInches(cue.least()), Headspace.ofInches(cue.most()), true),
                            r.get()));
                    break;
                }
            }
        }
    }

    private static void progress(Sentence s, Draft draft) {
        boolean fills = s.has(FILLED);
        if (!draft.filled && s.has(COOK) && (s.has(COOKED_FOOD) || s.has(COOKED_ALONE)) && !s.has(SCALD)) {
            draft.cooked = draft.cooked.or(() -> s.find(COOK));
        }
        if (!draft.filled) {
            draft.cooked = draft.cooked.or(() -> s.find(IN_AND_BOILED));
        }
        draft.filled |= fills || s.has(TO_THE_TOP);
        boolean boils = draft.lidded && s.opensWith(BOIL_NOW);
        if (boils && draft.facts.methods().isEmpty()) {
            draft.facts.methods().add(Fact.read(CanningMethod.BOILING_WATER, s.span(0, 1)));
            draft.inCanner = true;
            draft.inCannerFrom = s.range().start();
        }
        if (draft.facts.headspace().isPresent() && !draft.facts.jars().isEmpty() && s.opensWith(ROLLING_NOW)) {
            draft.inCanner = true;
            draft.inCannerFrom = s.range().start();
        }
        draft.lidded |= (draft.filled || draft.facts.headspace().isPresent()) && s.has(LID);
        if (s.has(INTO_CANNER) && !draft.inCanner && !(s.has(ALL_OF_IT) && !draft.filled)) {
            draft.inCanner = true;
            draft.inCannerFrom = s.findAny(INTO_CANNER).orElseThrow().start();
        }
    }

    /** Once the times of a sentence are read, jars that it lifts out are out. */
    void after(Sentence s, Draft draft) {
        if (s.has(OUT_OF_CANNER)) {
            draft.inCanner = false;
        }
    }
}
