package oilcloth.reading;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.regex.Matcher;
import oilcloth.recipe.CanningMethod;
import oilcloth.recipe.Facts;
import oilcloth.recipe.Unread;
import oilcloth.text.Cue;
import oilcloth.text.Range;

/**
 * Remarks that take back part of the recipe: "I replaced two cups of the vinegar", "I only ran 15 minutes". What they
 * change is seldom said in a way that can be read as a figure, and a tested recipe with such a remark behind it is not the
 * tested recipe: they are asked about.
 */
final class Deviations {
    private static final String MATTER =
            "vinegar|lemon|lime|acid|citric|(?<!at (one|a) )times?|minutes?|mins?|pressure|pounds?|weight|gauge|dial|steam|vent|brine|vegetables|peppers?|onions?|corn|beans|garlic|celery|water|process\\w*|bath|canner";
    private static final String MATTERS = "(" + MATTER + ")";

    /** Said of the vinegar, the time, the pressure or the vegetables it is a change, whatever else is read in it. */
    private static final Cue CHANGED = Cue.of(
            "\\b(replac(e|ed|ing)|swap(s|ped|ping)?|subbed|substitut(e|ed|es|ing)|trad(e|ed)|switch(ed)?)\\b[^.;]{0,40}\\b"
                    + MATTERS + "\\b"
                    + "|(?<!\\b(cups|cup|quarts|quart|pints|pint|lb|lbs|pounds|pound|ears|fresh|whole|of) )\\b(cut|cuts|reduced?|shorten(ed)?|halved?|lower(ed)?|dropped) (back |down )?(on )?(the |my |that |its |all )?"
                    + MATTERS
                    + "\\b(?! (from|off|into|in|with|on) (the )?(cob|end|ends|jar|jars))"
                    + "|\\b(half|third|quarter|part) (that|of that|of the|the) (vinegar|lemon|acid|time|minutes|juice|pressure)\\b"
                    + "|\\b(doubl(e|ed|ing)|tripl(e|ed|ing)) (up )?(on )?(the |my |that )?(vegetables|veggies|peppers?|onions?|corn|beans|garlic|celery|water|tomatoes|zucchini)\\b"
                    + "|\\b(vegetables|veggies|peppers?|onions?|corn|beans|garlic|celery|vinegar|lemon|juice)\\b[^.;]{0,12}\\b(i|we) (always |usually )?(doubled?|tripled?|halved?|cut|skip|leave out)\\b"
                    + "|\\b(took|take|takes|knock(ed)?|shav(e|ed)) [^.;]{0,20}\\bminutes? off\\b"
                    + "|\\b(left|leave|leaving|skip(ped)?|omit(ted)?|forgot) (out )?(of )?(the |my |any )?(vinegar|lemon|acid|citric|vent\\w*|steam)\\b"
                    + "|\\bleft [^.;]{0,20}\\b(vinegar|lemon|acid|citric)\\b[^.;]{0,10}\\bout\\b"
                    + "|\\b(thin|thinned|dilut\\w*|stretch\\w*|water(ed)? down)\\b[^.;]{0,30}\\b(vinegar|lemon|juice|brine|acid)\\b"
                    + "|\\b(ran|run|boiled|boils|went) dry\\b|\\boff the boil\\b|\\b(stopped|quit|lost) (boiling|the boil|its boil)\\b"
                    + "|\\b(power|electricity|gas) (went|was|cut|failed|quit|ran) (out|off)?\\b|\\b(power (cut|outage|failure)|without power)\\b"
                    + "|\\b(water ?bath|canner|oven|pressure|kettle|microwave)\\b[^.;]{0,40}\\binstead\\b(?! of)"
                    + "|\\b(cut|shorten(ed)?|reduced?|dropped|trimmed|lowered) (it|that|them|these|this|mine|ours) (back |down )?(to|by)\\b[^.;]{0,14}\\b(min\\w*|hours?|pounds?|lbs?|psi)\\b"
                    + "|\\b(mash(ed)?|pur[eé]e(d|ing)?|blend(ed)?|ground|grated|sieved) (up )?(half|some|part|a few|most|the rest|a third|a quarter)\\b"
                    + "|\\btop(ped)?\\b[^.;]{0,24}\\bup\\b[^.;]{0,24}\\bcold\\b"
                    + "|\\b(no more|ran out of|out of|short of|not enough) (new |flat )?lids\\b"
                    + "|\\bopen(ed)? (up )?(the )?(lid|canner|cooker) (right|straight) (away|off)\\b|\\bopen(ed)? (up )?(the )?(lid|canner|cooker) (at once|immediately|early|too soon)\\b"
                    + "|\\bboil (go|goes|going|went|die[sd]?|drop(s|ped)?|stop(s|ped)?|quit)\\b|\\b(start(ed)?|starting) over\\b"
                    + "|\\blet (the jars|them|mine|it) seal (on their own|by themselves|themselves|on its own)\\b"
                    + "|\\b(cook|boil|simmer|mash|run|turn)\\w* (them|it|mine|ours|these)( all)?( down)? (in)?to (a |an )?(sauce|mush|pulp|pur[eé]e|butter|jam|paste|soup)\\b"
                    + "|\\b(roaster|turkey|convection|toaster|dutch) oven\\b"
                    + "|\\b(keep|kept|leave|left|hold|held)\\b[^.;]{0,40}\\b(fridge|refrigerator|icebox|freezer)\\b[^.;]{0,40}\\b(can|process) (it|them)\\b"
                    + "|\\bturn(ed)? (it |the \\w+ |everything )?off (\\w+ )?(early|soon|too soon)\\b"
                    + "|\\bcold (brine|syrup|liquid|vinegar)\\b"
                    + "|\\bthicken(s|ed|ing)?\\b[^.;]*\\bwith\\b"
                    + "|\\b(light|heavy|easy|short) on (the )?(vinegar|lemon|acid|water|vegetables|peppers|onions)\\b"
                    + "|\\b(vinegar|lemon|brine)\\b[^.;]{0,16}\\b(cut|mixed|blended|stretched) with\\b"
                    + "|\\bmore (peppers?|onions?|corn|beans|garlic|celery|vegetables|veggies)\\b[^.;]*\\b(double|twice|half again|extra)\\b"
                    + "|\\bno (heat|bath|water ?bath|processing)\\b"
                    + "|\\bless (vinegar|lemon|acid|time|pressure|minutes|than (it|the|they|that))\\b"
                    + "|\\b(some|a few|one|two|three|several|the) (were |are )?(bigger|larger|odd|odd[- ]sized?) (jars?|ones?)\\b"
                    + "|\\b(vinegar|lemon|acid|brine)\\b[^.;]{0,24}\\btoo (sour|strong|sharp|tart)\\b");

    /** The canner does not know what was done, or by what: "I forgot how long", "a bottle with no label". */
    private static final Cue DOUBT = Cue.of(
            "\\b(forgot|forget|no idea|unsure|not sure|not certain|(do ?n[o']t|can'?t|could ?n[o']t) (know|remember|recall|say|tell)|lost track)\\b(?! (if|whether|why|that|to ask))[^.;?]*\\b(how (long|much|many|high|strong)|what|which|exactly|"
                    + MATTER + ")\\b"
                    + "|\\b(can(ned)?|process(ed)?|did|do|put up|made|make) ((it|them|these|this|mine|ours|all) )?(up )?at (my|our|the|his|her|their) (\\w+('s)? ){0,2}(place|house|kitchen|cabin|camp|ranch|cottage)\\b"
                    + "|\\bthermometer\\b[^.;]*\\b(1\\d\\d|20[0-9])\\b"
                    + "|\\b(no|without a|lost its|lost the) label\\b|\\bunlabell?ed\\b|\\b(maybe|perhaps|possibly|probably) (less|shorter|under|fewer|not)\\b");

    /** A step of the recipe that is not taken. */
    private static final Cue UNDONE = Cue.of(
            "\\b(skip(s|ped|ping)?|(leave|leaves|left|leaving) (out|off)|omit(s|ted)?|forgot|forget|without|instead of|rather than|(do|did|does) ?n[o']t (bother|trouble)( to| with)?)\\b (the |that |my |all |any |doing )*"
                    + "(boil\\w*|cook\\w*|simmer\\w*|heat\\w*|hot pack|blanch\\w*|process\\w*|canner|canning|water ?bath\\w*|step|lids?|headspace|vinegar|lemon|acid|brine|syrup|pressure)\\b"
                    + "|\\b(do|did|does)(n't| not| n't) (add|use|put|need|want)\\b[^.;]{0,16}\\b(vinegar|lemon|lime|acid|citric)\\b"
                    + "|\\b(vinegar|lemon juice|juice|acid|acid powder) (was|were|is|being) (all )?(out|gone|used up)\\b|\\b(out|short) of (vinegar|lemon\\w*|acid|citric)\\b"
                    + "|\\b(half|twice|a third|a quarter) as (much|many|long)\\b"
                    + "|\\b(never|not|no longer|hardly|barely) (quite )?(at |to |reach\\w* |came to |come to )?(a |an )?(full |hard |real |rolling |good )*(boil|boiling|pressure)\\b"
                    + "|\\b(keep|kept|hold|held)\\b[^.;]{0,24}\\b(at|to) (just )?(a |below a |under a )?(bare |gentle |low )?(simmer|steaming)\\b"
                    + "|\\b(cut|cuts|knock|knocked|shorten\\w*)\\b[^.;]{0,20}\\b(time|minutes)\\b[^.;]{0,12}\\b(in half|by half|down|short)\\b");

    /** Before the time is told most sentences are steps; a remark has somebody, or the canner, in it. */
    private static final Cue SOMEBODY = Cue.of(
            "\\b(i|we|my|our|mine|ours|she|he|they|her|his|hers|there|these are|those are|half|the (old )?(canner|kettle|burner|power|gauge|dial|needle|stove|weight|lids|jars|kids|children|sun|clock|fire|seal|brine|vinegar|meat|other)|two|grand\\w+|dad|mom|mother|everything|if (i|we|it|they|company|my))\\b");

    /** What canners tell of food that was past its best. */
    private static final Cue SPOILED = Cue.of(
            "\\b(mou?ld(y|s|ed)?|rotten|rott(ed|ing)|slim(e|y)|fizz(y|ed|ing)?|past (their|its) (best|prime)|gone (soft|over|off|bad|sour)|(turned|went) (sour|bad)|a bit off|over-?ripe|mushy spots?|bad (spots?|ones|parts))\\b");

    private static final Cue THROWN_OUT = Cue.of(
            "\\b(throw|threw|thrown|toss|tossed|discard\\w*|pick(ed)? out|cull\\w*|compost|pigs|chickens|no|never|not|do ?n[o']t|if|any)\\b");

    /** A change only where nobody could read what it says. */
    private static final Cue ODD = Cue.of(
            "\\b(only|early|sooner|stopped|quit|(?<!skins? |skins? have )slipped|sank|(?<!so (it|they|that it|that they) )would ?n[o']t|could ?n[o']t|ran out|hurry|hurried|rush(ed)?|shortcut|cheat(ed)?|instead|last (batch|load|few|one|ones|three|two)|cold when|wet (rags?|towels?|cloths?))\\b[^.;]*\\b"
                    + "(jars?|lids?|" + MATTER + ")"
                    + "\\b|\\b(jars?|lids?|" + MATTER + ")"
                    + "\\b[^.;]*\\b(only|early|sooner|stopped|quit|(?<!skins? |skins? have )slipped|sank|(?<!so (it|they|that it|that they) )would ?n[o']t|could ?n[o']t|ran out|cold when|instead|(for|in|of) the last (batch|load|few|one|ones|three|two))\\b");

    /** Vinegar no recipe was tested with. */
    private static final Cue WEAK = Cue.of("\\b[1-4](\\.\\d)? ?(%|per ?cent)");

    /** Somebody tells what happened. */
    private static final Cue TELLS = Cue.of(
            "\\b(i|we|my|our|mine|ours|she|he|they|it|these|those|there|half|most|some|a few|the (old )?(canner|burner|power|gauge|stove|weight|pot|pan|vinegar|liquid))\\b");

    /** Food or jars that waited where nobody says they were kept cold. */
    private static final Cue WAITED = Cue.of(
            "\\b(sat|stood|stayed|waited|were left)\\b[^.;]{0,40}\\b(overnight|all night|all day|(a|two|three|four|five|several|few|\\d+) (days?|weeks?|hours))\\b");

    private static final Cue NOT_DONE = Cue.of(
            "\\b(never|not|no longer|n't|used to|would|safe|wrong|book|mother|grandma|neighbou?r) ?\\b.*\\?|\\b(never|not|no longer|\\w+n't|used to) \\b");

    private static final Cue COOLING = Cue.of("\\b(jars?|lids?|cool\\w*|seal\\w*|fridge|refrigerat\\w*)\\b");

    private static final Cue PLAIN_VINEGAR = Cue.of("\\b(white|plain|store|bought|regular|ordinary)\\b");

    private static final Cue MIXED = Cue.of("\\b(water|half|mixed|weak\\w*|with|old)\\b");

    private static final Cue ACID = Cue.of("\\b(vinegar|lemons?|limes?|citric)\\b");
    private static final Cue COOKED =
            Cue.of("\\b(boil|bring|heat|simmer|pour|mix|combine|stir|dissolve|cover|add|strain|measure|put)\\w*\\b");

    private final Talk talk;

    Deviations(Talk talk) {
        this.talk = talk;
    }

    /** Counts what has been read so far, so that {@link #read} can tell whether a sentence said anything. */
    static int said(Draft draft) {
        return heard(draft) + (int) draft.unread.stream().filter(Unread::bears).count();
    }

    /** What was understood: figures, jars, foods, practices. */
    static int heard(Draft draft) {
        return draft.facts.times().size()
                + draft.facts.pressures().size()
                + Facts.values(draft.facts.methods()).size()
                + Facts.values(draft.facts.jars()).size()
                + (int) draft.practices.stream()
                        .filter(p -> !p.rule().mayBeSlight())
                        .count()
                + draft.ingredients.size()
                + (draft.facts.openKettle().isPresent() ? 1 : 0)
                + (draft.facts.pressureDropped().isPresent() ? 1 : 0)
                + (draft.facts.vented().isPresent() ? 1 : 0)
                + (draft.facts.headspace().isPresent() ? 1 : 0)
                + (draft.facts.altitude().isPresent() ? 1 : 0);
    }

    /** @param before what {@link #said} counted before the sentence was read */
    void read(Sentence s, Draft draft, int before) {
        Optional<Range> odd = s.find(CHANGED)
                .or(() -> s.findAny(DOUBT))
                .or(() -> s.findAny(UNDONE).filter(r -> s.has(TELLS)))
                .or(() -> s.find(SPOILED).filter(r -> !s.has(THROWN_OUT)));
        if (odd.isEmpty()) {
            odd = otherCanner(s, draft);
        }
        if (odd.isEmpty() && said(draft) == before) {
            odd = s.find(ODD)
                    .or(() -> namesPercent(s) ? s.find(WEAK) : Optional.empty())
                    .or(() -> told(s, draft, draft.facts.times().isEmpty()));
        } else if (odd.isEmpty()) {
            odd = clauses(s, draft);
        }
        odd.ifPresent(r -> draft.unread.add(new Unread(r, true)));
    }

    private static boolean namesPercent(Sentence s) {
        return s.low().indexOf('%') >= 0 || s.low().contains("cent");
    }

    /** "I do them in a boiling bath like grandma", where the recipe has been canned under pressure so far. */
    private static Optional<Range> otherCanner(Sentence s, Draft draft) {
        boolean pressure =
                !draft.facts.methods().isEmpty() && draft.facts.methods().get(0).value() == CanningMethod.PRESSURE;
        if (!pressure || draft.facts.times().isEmpty() || !s.has(TELLS) || s.has(NOT_DONE)) {
            return Optional.empty();
        }
        return draft.facts.methods().stream()
                .filter(m -> m.value() == CanningMethod.BOILING_WATER)
                .flatMap(m -> m.range().stream())
                .filter(s.range()::contains)
                .findFirst();
    }

    /** Where somebody else, or something else, is told of in the same sentence. */
    private static final Cue CLAUSE = Cue.of(
            "(?:,|;| -| –| —|—)\\s*(?:(?:and|but|so|though|although|except|only|because|while|since|then|or)\\s+)*(?=(i|we|my|our|mine|ours|she|he|they|her|his|hers|there|half (?:the|of|my|our)|the|grand\\w+|dad|mom|everything|if (?:i|we|it|they|my)|when|where|two|one|these|those|it)\\b)");

    /** "Process 20 minutes, and I pull them at fifteen": a clause that says nothing by itself is weighed by itself. */
    private Optional<Range> clauses(Sentence s, Draft draft) {
        if (s.size() < SHORTEST_OF_CLAUSES) {
            return Optional.empty();
        }
        List<Integer> starts = new ArrayList<>();
        Matcher m = CLAUSE.matcher(s.low());
        while (m.find()) {
            starts.add(m.end());
        }
        for (int k = 0; k < starts.size(); k++) {
            int end = k + 1 < starts.size() ? starts.get(k + 1) : s.low().length();
            Range clause = new Range(starts.get(k), end).shift(s.range().start());
            boolean early = draft.facts.times().stream()
                    .flatMap(t -> t.range().stream())
                    .allMatch(t -> t.start() >= clause.start());
            if (!isHeard(draft, clause)) {
                Optional<Range> odd = told(s.part(clause), draft, early);
                if (odd.isPresent()) {
                    return odd;
                }
            }
        }
        return Optional.empty();
    }

    private static boolean isHeard(Draft draft, Range clause) {
        return draft.facts.ranges().stream().anyMatch(clause::overlaps)
                || draft.ingredients.stream().anyMatch(i -> i.amount().isPresent() && clause.overlaps(i.range()))
                || draft.practices.stream().anyMatch(p -> !p.rule().mayBeSlight() && clause.overlaps(p.range()))
                || draft.unread.stream().anyMatch(u -> u.bears() && clause.overlaps(u.range()));
    }

    private static final int SHORTEST_OF_CLAUSES = 8;

    /** "The water went off the boil", "I use limes off the tree": after the recipe, and nothing in it was understood. */
    private Optional<Range> told(Sentence s, Draft draft, boolean untimed) {
        if (isStep(s) || untimed && (!s.has(SOMEBODY) || opensWithAStep(s))) {
            return Optional.empty();
        }
        if (s.has(WAITED) && !s.has(COOLING)) {
            return s.findAny(WAITED);
        }
        if (s.has(ACID) && !s.has(COOKED) && !(s.has(PLAIN_VINEGAR) && !s.has(MIXED))) {
            return s.findAny(ACID);
        }
        boolean early = untimed || !draft.filled && !draft.inCanner;
        return talk.isIdle(s, draft, early) ? Optional.empty() : Optional.of(s.range());
    }

    private static boolean opensWithAStep(Sentence s) {
        int first = s.is(1, ":") || s.is(1, ".") || s.is(1, ")") ? 2 : 0;
        return s.size() > first && STEP_VERB.matcher(s.token(first).norm()).matches();
    }

    private static final Cue STEP_VERB = Cue.of(
            "peel\\w*|par(e|ed|ing)|cor(e|ed|ing)|pit(ted)?|trim\\w*|slic\\w+|chop\\w*|cut|dic(e|ed|ing)|snap\\w*|shell\\w*|husk\\w*|stem\\w*|halv\\w+|scald\\w*|blanch\\w*|slip\\w*|dip(ped)?|boil\\w*|simmer\\w*|cook\\w*|brown\\w*|stir\\w*|mix\\w*|add(ed)?|pour\\w*|ladl\\w+|spoon\\w*|fill\\w*|pack\\w*|cover\\w*|strain\\w*|skim\\w*|soak\\w*|salt\\w*|drain\\w*|bring|brought|heat\\w*|put|plac\\w+|set|wash\\w*|rins\\w+|combine\\w*|shred\\w*|crush\\w*|quarter\\w*|kept|keep|do|all|followed|remove\\w*|wip\\w+|tie|measure|press\\w*|select|choose|sort|ferment\\w*|discard\\w*|let|use|leave|chill\\w*|grind|grate|toss|whisk|blend|sift|layer|sprinkle|weigh|check|repeat|return|transfer|turn|cool|screw|adjust|load|lower|lift|store|serve|stand|rub|roll|prick|skin|seed|drop|place|spread|tuck|arrange|weight|cure|dissolve|reheat|reduce|caution|note|yield|makes");

    /** "Cool on the counter", "altitude 1600 m": told as a recipe tells it, of nobody. */
    private static boolean isStep(Sentence s) {
        // "Steps: peeled, cored …"
        int first = s.is(1, ":") ? 2 : 0;
        return s.size() > first
                && (StepWords.isKnown(s.token(first).norm()) || s.anyClaimed(0, s.size()))
                && !s.has(TELLS);
    }
}
