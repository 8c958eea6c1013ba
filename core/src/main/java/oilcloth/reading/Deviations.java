package oilcloth.reading;

import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.stream.IntStream;
import oilcloth.guide.FoodClass;
import oilcloth.recipe.Facts;
import oilcloth.recipe.Ingredient;
import oilcloth.recipe.Unread;
import oilcloth.text.Cue;
import oilcloth.text.Range;

/**
 * Remarks that take back part of the recipe: "I replaced two cups of the vinegar", "I only ran 15 minutes". What they
 * change is seldom said in a way that can be read as a figure, and a tested recipe with such a remark behind it is not the
 * tested recipe: they are asked about.
 */
final class Deviations {
    private static final PatternFile PATTERNS = PatternFile.load("deviations.txt");

    /** Said of the vinegar, the time, the pressure or the vegetables it is a change, whatever else is read in it. */
    private static final Cue CHANGED = PATTERNS.any("changed");

    /** The canner does not know what was done, or by what: "I forgot how long", "a bottle with no label". */
    private static final Cue DOUBT = PATTERNS.any("doubt");

    /** Behind what was read: nobody knows how much of it, or in which jars. */
    private static final Cue HEDGED = PATTERNS.any("hedged");

    /** The pressure went down while the time ran. */
    private static final Cue FELL = PATTERNS.any("fell");

    /** Takes back something told before: "no wait, that is the time for pints". */
    private static final Cue UNSAID = PATTERNS.any("unsaid");

    /** A step of the recipe that is not taken. */
    private static final Cue UNDONE = PATTERNS.any("undone");

    /** What canners tell of food that was past its best. */
    private static final Cue SPOILED = PATTERNS.any("spoiled");

    /** A change only where nobody could read what it says. */
    private static final Cue ODD = PATTERNS.any("odd");

    /** Food that waited where it is warm. */
    private static final Cue WAITED_OUT = PATTERNS.any("waited");

    private static final Cue HEAT_OFF = PATTERNS.any("off");

    /** Where it is tested that food stands. */
    private static final Cue STANDS =
            Cue.of("\\b(brine|salt\\w*|sugar|lime|ice|crock|syrup|vinegar|soak\\w*|water|covered|ferment\\w*)\\b");

    /** Before the time is told most sentences are steps; a remark has somebody, or the canner, in it. */
    private static final Cue SOMEBODY = Cue.of(
            "\\b(i|we|my|our|mine|ours|she|he|they|her|his|hers|there|these are|those are|half (?!(a |an )?(cups?|tsp|tbsp|teaspoons?|tablespoons?|pints?|inch|pounds?|lbs?|cloves?|gallons?|quarts?|hours?|minutes?|full|and)\\b)|the (old )?(canner|kettle|burner|power|gauge|dial|needle|stove|weight|lids|jars|kids|children|sun|clock|fire|seal|other)|the (brine|vinegar|meat|liquid) (i|we|is|was|were|are|had|has|got|gets|came|comes|ran|runs|went|goes|tast\\w+|smell\\w+|looked|from|that|never|would|only|sat|stood)|two|grand\\w+|dad|mom|mother|everything|if (i|we|it|they|company|my))\\b");

    private static final Cue THROWN_OUT = Cue.of(
            "\\b(throw|threw|thrown|toss|tossed|(trim|cut|par)\\w*( \\w+){0,3} (bad|mushy|soft) (spots?|parts)|(bad|mushy|soft) (spots?|parts) (\\w+ )?(trimmed|cut|taken|pared) (off|out|away)|discard\\w*|spots? (out|off|away|removed)|pick(ed)? out|cull\\w*|compost|pigs|chickens|no|never|not|do ?n[o']t|if|any)\\b");

    /** Vinegar no recipe was tested with. */
    private static final Cue WEAK = Cue.of("\\b[1-4](\\.\\d)? ?(%|per ?cent)");

    /** Somebody tells what happened. */
    static final Cue TELLS = Cue.of(
            "\\b(i|we|my|our|mine|ours|she|he|they|it|these|those|there|(one|the (first|second|third|last|other)|every) (load|batch|lot|run|canner)|half (?!(a |an )?(cups?|tsp|tbsp|teaspoons?|tablespoons?|pints?|inch|pounds?|lbs?|cloves?|gallons?|quarts?|hours?|minutes?|full|and)\\b)|most|some|a few|the (rest|others|extras|overflow)|the (old )?(canner|burner|power|gauge|stove|weight|pot|pan)|the (vinegar|liquid) (i|we|is|was|were|are|had|has|got|gets|came|comes|ran|runs|went|goes|tast\\w+|smell\\w+|looked|from|that|never|would|only))\\b");

    /** Food or jars that waited where nobody says they were kept cold. */
    private static final Cue WAITED = Cue.of(
            "\\b(sat|stood|stayed|waited|were left)\\b[^.;]{0,40}\\b(overnight|all night|all day|(a|two|three|four|five|several|few|\\d+) (days?|weeks?|hours))\\b");

    /** "It sat in the back hall, 70 to 75 degrees, four weeks". */
    private static final Cue FERMENTS =
            Cue.of("\\b(6\\d|7\\d)( ?(to|-|–) ?\\d\\d)? ?(degrees|°|f\\b)[^.;]*\\bweeks\\b");

    private static final Cue COOLING = Cue.of(
            "\\bbefore (we|i|you|they|anybody|anyone|he|she) (\\w+ )?(ate|open\\w*|crack\\w*|tast\\w*|tri\\w*|eat|touch\\w*|could (eat|stand|wait|hold))\\b|\\b(jars?|lids?|cool\\w*|seal\\w*|touch(ed|ing)? (them|it|a thing|anything)|untouched|undisturbed|fridge|refrigerat\\w*)\\b|\\bon (a |the |some )?((folded|thick|dish|bath|clean|old|double|beach|tea|kitchen) )*towels?\\b(?!.*\\b(before|then|and)( i| we)? (pack|can|jar|fill)\\w*)");

    private static final Cue PLAIN_VINEGAR = Cue.of("\\b(white|plain|store|bought|regular|ordinary)\\b");

    private static final Cue ANY_VINEGAR = Cue.of("\\bvinegar\\b");

    private static final Cue MIXED = Cue.of("\\b(water|half|mixed|weak\\w*|with|old)\\b");

    private static final Cue ACID = Cue.of("\\b(vinegar|lemons?|limes?|citric)\\b");
    /** "I use citric because it doesn't taste": which of the tested acids, where its amount is told. */
    private static final Cue PREFERS = Cue.of(
            "^(i|we) (use|used|like|prefer|buy|chose) (the )?(citric( acid)?|bottled( lemon juice)?|lemon juice)( kind)? (because|since|as it|better|so)\\b");

    private static boolean isMeasured(Draft draft) {
        return draft.ingredients.stream()
                .anyMatch(i -> i.food().isAcidulant() && i.amount().isPresent());
    }

    /** Asks where acid was both listed and said not to be there; not "no lemon" beside vinegar. */
    static void denied(String text, Draft draft) {
        for (Range r : draft.acidDenied) {
            String words = r.of(text).toLowerCase(Locale.ROOT);
            boolean listed = draft.ingredients.stream()
                    .filter(i -> i.amount().isPresent())
                    .map(Ingredient::food)
                    .anyMatch(f -> words.contains("vinegar")
                            ? f.isVinegar()
                            : words.contains("lemon") || words.contains("lime") ? f.isCitrusJuice() : f.isAcidulant());
            if (listed) {
                draft.unread.add(new Unread(r, true));
            }
        }
    }

    static boolean isOfSpoilage(Sentence s) {
        return s.has(SPOILED);
    }

    private static final Cue WIPES = Cue.of(
            "\\bwip\\w+\\b[^.;]{0,64}\\bvinegar\\b|\\b(rins|wash|clean|scrub)\\w+\\b[^.;]{0,40}\\b(with|in|using) (a |some |hot |little |bit of |weak |white )*vinegar\\b|\\bvinegar\\b[^.;]{0,16}\\b(in|to|into) the (canner|canning|processing|water ?bath)\\b");
    private static final Cue COOKED = Cue.of(
            "\\b(boil|bring|cook|stew|heat|simmer|pour|mix|combine|stir|dissolve|cover|add|strain|measure|put)\\w*\\b");

    private final Talk talk;
    private final Appearance appearance;
    private final MarkedRemarks marked = MarkedRemarks.shipped();

    Deviations(Talk talk, Appearance appearance) {
        this.talk = talk;
        this.appearance = appearance;
    }

    /** Counts what has been read so far, so that {@link #read} can tell whether a sentence said anything. */
    static int said(Draft draft, int heard) {
        return heard + (int) draft.unread.stream().filter(Unread::bears).count();
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
                + (int) draft.ingredients.stream()
                        .filter(i -> i.amount().isPresent())
                        .count()
                + (draft.facts.openKettle().isPresent() ? 1 : 0)
                + (draft.facts.pressureDropped().isPresent() ? 1 : 0)
                + (draft.facts.vented().isPresent() ? 1 : 0)
                + (draft.facts.headspace().isPresent() ? 1 : 0)
                + (draft.facts.altitude().isPresent() ? 1 : 0);
    }

    /** How much of what was heard is the naming of foods since there were so many. */
    static int named(Draft draft, int foods) {
        return draft.ingredients.size()
                - foods
                + (int) draft.ingredients.stream()
                        .skip(foods)
                        .filter(i -> i.amount().isPresent())
                        .count();
    }

    /** "No acid": to be asked about where some is listed, before or after. */
    private static final Cue NO_ACID = Cue.of(
            "\\b(no|without( any)?|never any|minus) (added |extra |bottled )*(acid|lemon( juice)?|citric( acid)?|vinegar|lime juice)\\b(?! (taste|flavou?r|smell|left))|\\b(acid|lemon|citric|vinegar)[- ]free\\b");

    /** "No vinegar because we don't like them pickled": that there is none is held against what the recipe needs. */
    private static final Cue NOT_LIKED = Cue.of(
            "^no (added )?(vinegar|lemon( juice)?|acid)[^.;]*\\b(don'?t|doesn'?t|do not|does not|never|can'?t) (like|want|care for|eat|stand)\\b[^.;]*[.!]?$");

    /** "Mother would've boiled them all day and I did too". */
    private static final Cue DID_LIKEWISE = Cue.of(
            "\\b(and|so) (i|we) (did|do|have)( it)? (too|so|the same|likewise|as well)\\b|\\band so (did|do|have) (i|we)\\b");

    /** @param before what {@link #said} counted before the sentence was read */
    void read(Sentence s, Draft draft, int before) {
        boolean told = !draft.facts.times().isEmpty() || draft.filled;
        if (Hearsay.isAnothers(s) || AnotherTime.isAhead(s) || told && Hearsay.isBelief(s)) {
            return;
        }
        s.findAny(NO_ACID).ifPresent(draft.acidDenied::add);
        Optional<Range> odd = s.find(CHANGED)
                .filter(r -> !PressureSwing.isTold(s, draft) && !ChangedAmount.isTold(s, draft))
                .or(() -> s.findAny(DOUBT))
                .or(() -> SecondTime.of(s, draft))
                .or(() -> SaltLeftOut.isTakenBack(s, draft) ? Optional.of(s.range()) : Optional.empty())
                .or(() -> s.find(UNSAID).filter(r -> r.start() == s.range().start() && isBegun(draft)))
                .or(() -> appearance.another(s, draft))
                .or(() -> Hearsay.wouldHave(s) ? s.findAny(DID_LIKEWISE) : Optional.empty())
                .or(() -> s.findAny(UNDONE).filter(r -> s.has(TELLS)))
                .or(() -> s.find(SPOILED)
                        .filter(r -> !s.has(THROWN_OUT) && !Appearance.isByNature(r.of(s.whole()), draft)))
                .or(() -> s.has(ANY_VINEGAR) ? s.find(WEAK) : Optional.empty())
                .or(() -> draft.facts.times().isEmpty() && !s.has(COOLING) && !s.has(STANDS)
                        ? s.find(WAITED_OUT)
                        : Optional.empty())
                .or(() -> draft.filled || draft.inCanner || !draft.facts.times().isEmpty()
                        ? s.find(HEAT_OFF)
                        : Optional.empty());
        if (odd.isEmpty()) {
            odd = OtherCanner.told(s, draft).or(() -> OtherCanner.slowBoil(s, draft));
        }
        boolean mended = PressureFall.isMended(s) || PressureSwing.isTold(s, draft);
        if (odd.isEmpty() && !mended) {
            odd = s.findAny(FELL);
        }
        if (odd.isEmpty() && !mended && !Venting.isToldAgain(s, draft) && said(draft, heard(draft)) == before) {
            odd = s.find(ODD)
                    .filter(r ->
                            !appearance.isTold(s, draft, !draft.facts.times().isEmpty()))
                    .or(() -> namesPercent(s) ? s.find(WEAK) : Optional.empty())
                    .or(() -> told(s, draft, draft.facts.times().isEmpty()));
        } else if (odd.isEmpty()) {
            odd = s.find(HEDGED).or(() -> clauses(s, draft));
        }
        if (odd.isEmpty() && !s.isItem() && !isGravePractice(s, draft) && !mended && !saysNothing(s, draft)) {
            odd = alike(s, draft).or(() -> Unheard.putIn(s));
        }
        odd.ifPresent(r -> draft.unread.add(new Unread(r, true)));
    }

    /** Something has been told that could be taken back. */
    private static boolean isBegun(Draft draft) {
        return !draft.facts.times().isEmpty()
                || draft.ingredients.stream().anyMatch(i -> i.amount().isPresent())
                || !draft.facts.jars().isEmpty();
    }

    /** Then a check speaks of it. */
    private static boolean isGravePractice(Sentence s, Draft draft) {
        return draft.practices.stream()
                .anyMatch(p -> p.rule().isAlwaysGrave() && s.range().overlaps(p.range()));
    }

    private static boolean namesPercent(Sentence s) {
        return s.low().indexOf('%') >= 0 || s.low().contains("cent");
    }

    /** Where somebody else, or something else, is told of in the same sentence. */
    private static final Cue CLAUSE = Cue.of(
            "(?:,|;| -| –| —|—|\\.(?= [a-z]))\\s*(?:(?:and|but|so|though|although|except|only|because|while|since|then|or)\\s+)*(?=(i|we|my|our|mine|ours|she|he|they|her|his|hers|there|half (?:the|of|my|our)|the|grand\\w+|dad|mom|everything|if (?:i|we|it|they|my)|when|where|two|one|these|those|it)\\b)");

    /** "Process 20 minutes, and I pull them at fifteen": a clause that says nothing by itself is weighed by itself. */
    private Optional<Range> clauses(Sentence s, Draft draft) {
        List<Range> clauses = s.parts(CLAUSE);
        // what opens the sentence has been weighed with the whole
        for (Range clause : clauses.subList(Math.min(1, clauses.size()), clauses.size())) {
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

    /** What sounds like something that mattered, though something was read in the sentence. */
    private Optional<Range> alike(Sentence s, Draft draft) {
        return grave(s, draft)
                .filter(r -> !IdlePhrases.areAll(s))
                .filter(r -> s.weight() > MarkedRemarks.CERTAIN
                        || !appearance.isTold(s, draft, !draft.facts.times().isEmpty()));
    }

    private Optional<Range> grave(Sentence s, Draft draft) {
        if (s.weight() > MarkedRemarks.GRAVE) {
            return Optional.of(s.range());
        }
        return MarkedRemarks.parts(s).stream()
                // "browned in the skillet, little bit of lard"
                .filter(p -> draft.ingredients.stream()
                        .noneMatch(i -> i.aside() && i.food().kind() == FoodClass.FAT && p.overlaps(i.range())))
                .filter(p -> !isPorkOfBeans(s, draft, p))
                .filter(p -> !isClaimed(s, p) && marked.weight(s, p) > MarkedRemarks.GRAVE)
                .filter(p -> !isListOfFoods(s, p) && !Altitudes.isAHairOff(s, draft, p))
                .findFirst();
    }

    private static final Cue PIECE_OF_PORK = Cue.of(
            "((and|with|w/|then|plus|i (put|add)) )*((a|one|1|some) )?((small|little|good) )?((piece|cube|slice|chunk|bit|inch)s? of )?((salt|cured|smoked|lean) )?(pork|ham|bacon)( (in|into|on top of|on|to|per|for) (each|every|the|a) (jar|pint|quart))? ?[.,;]? ?");

    /** The guide's own: "with a piece of pork if wanted". */
    private static boolean isPorkOfBeans(Sentence s, Draft draft, Range part) {
        return draft.facts.forms().stream().anyMatch(f -> f.value().equals("sauced-beans"))
                && PIECE_OF_PORK.is(s.part(part).low().strip());
    }

    /** "A cup of chopped onion" has been read to its last word. */
    private static boolean isClaimed(Sentence s, Range part) {
        return IntStream.range(s.first(part), s.size())
                .filter(i -> part.contains(s.token(i).range()))
                .allMatch(s::isClaimed);
    }

    private static final Set<String> BETWEEN_FOODS = Set.of("and", "or", "some", "a", "few", "of", "the", "mixed");

    /** "Santa Rosas and some prune types": names, and nothing said of them. */
    private boolean isListOfFoods(Sentence s, Range part) {
        Sentence list = s.part(part);
        return IntStream.range(0, list.size())
                .allMatch(i -> talk.names(list, i)
                        || !list.token(i).isWord()
                        || BETWEEN_FOODS.contains(list.token(i).norm()));
    }

    private static boolean isHeard(Draft draft, Range clause) {
        return draft.facts.ranges().stream().anyMatch(clause::overlaps)
                || draft.ingredients.stream().anyMatch(i -> i.amount().isPresent() && clause.overlaps(i.range()))
                || draft.practices.stream().anyMatch(p -> !p.rule().mayBeSlight() && clause.overlaps(p.range()))
                || draft.unread.stream().anyMatch(u -> u.bears() && clause.overlaps(u.range()));
    }

    /** "The water went off the boil", "I use limes off the tree": after the recipe, and nothing in it was understood. */
    private Optional<Range> told(Sentence s, Draft draft, boolean untimed) {
        return strange(s, draft, untimed)
                .filter(r -> !IdlePhrases.areAll(s))
                .filter(r -> s.weight() > MarkedRemarks.CERTAIN || !appearance.isTold(s, draft, !untimed));
    }

    private boolean saysNothing(Sentence s, Draft draft) {
        return s.isPlain()
                || NothingSaid.by(s)
                || BareFigure.isOnlyToldAgain(s, draft)
                || talk.isSigned(s)
                || talk.isSameKind(s, draft)
                || SaltLeftOut.isHarmless(s, draft);
    }

    private Optional<Range> strange(Sentence s, Draft draft, boolean untimed) {
        if (saysNothing(s, draft)) {
            return Optional.empty();
        }
        if (s.weight() > MarkedRemarks.GRAVE) {
            return Optional.of(s.range());
        }
        if (!untimed && isStep(s) && s.weight() > MarkedRemarks.SUSPECT) {
            return Optional.of(s.range());
        }
        if (isStep(s) || untimed && (!s.has(SOMEBODY) || opensWithAStep(s))) {
            return draft.ingredients.isEmpty() ? Optional.empty() : talk.strange(s);
        }
        if (s.has(WAITED) && !s.has(COOLING) && !s.has(FERMENTS)) {
            return s.findAny(WAITED);
        }
        if (s.has(ACID)
                && !s.has(NOT_LIKED)
                && !s.has(BOTTLED_KIND)
                && !AcidWords.isAskedOf(s)
                && !(s.has(PREFERS) && isMeasured(draft))
                && !s.has(WIPES)
                && !s.has(COOKED)
                && !(s.has(PLAIN_VINEGAR) && !s.has(MIXED))) {
            return s.findAny(ACID);
        }
        boolean early = untimed || !draft.filled && !draft.inCanner;
        return talk.isIdle(s, draft, early) ? Optional.empty() : Optional.of(s.range());
    }

    /** "My lemon juice is the bottled kind, from concentrate." */
    private static final Cue BOTTLED_KIND = Cue.of(
            "^(my |the |and |all )*lemon juice (is|was|i use|i used|came)( \\w+){0,3} (bottled|from concentrate|reconstituted)\\b(?![^.;]*\\b(fresh|squeezed|half|less|weak|old|expired|watered|mixed|some|but|except|only)\\b)");

    private static boolean opensWithAStep(Sentence s) {
        int first = s.is(1, ":") || s.is(1, ".") || s.is(1, ")") ? 2 : 0;
        return s.size() > first && STEP_VERB.is(s.token(first).norm());
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
