package oilcloth.reading;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import oilcloth.guide.Food;
import oilcloth.guide.FoodClass;
import oilcloth.guide.GuideSnapshot;
import oilcloth.guide.PracticeRule;
import oilcloth.recipe.Ingredient;
import oilcloth.recipe.Practice;
import oilcloth.recipe.Recipe;
import oilcloth.recipe.Unread;
import oilcloth.text.Cue;
import oilcloth.text.Range;
import oilcloth.text.Sentences;
import oilcloth.text.Shortened;

/**
 * Reads a canner's plain text into a recipe. Every reading keeps its range; what was not understood is listed. Never
 * throws on any text; linear in its length.
 */
public final class RecipeReader {
    /** "Mango chutney w/ green mangoes: 11 cups …": a run-on text that opens with the name of what it makes. */
    private static final Cue OPENING = Cue.of(
            "^\\s*([^:.;!?0-9]{4,60}?)(?:\\s+[-–—]+\\s+|:\\s+|!+\\s+)|^\\s*((?:[A-Za-z'-]+ ){0,5}[A-Za-z'-]+(?: (?:19|20)\\d\\d| \\([A-Za-z' -]{2,24}\\))?)\\.\\s+");

    private static final Pattern HAIL = Pattern.compile(
            "(?i)^(hola|hi|hello|hey|howdy|greetings)( there| again| all| y'all| everyone| folks)?[!.]+\\s+");

    /** Behind a greeting a letter begins with a name only where nothing is told yet. */
    private static final Pattern TELLS = Pattern.compile("(?i)\\b(i|we|did|made|make|canned|can|is|are|was|so)\\b");

    private static final Pattern TOLD = Pattern.compile(
            "(?i)\\b(i|we|my|our|is|are|was|have|do|did|make|made|put|can|canned|help|hope|hi|hello|dear)\\b");

    /** A field of a form that tells who filled it in. */
    private static final Pattern WHOSE = Pattern.compile(
            "(?i)^(operator|initials|signature|signed|(your |my )?name(?! of)|phone|e-?mail|address|contact|submitted by|prepared by|staff|volunteer|reviewer|weather)\\b[a-z ]{0,20}:[^0-9]*$");

    private static final Pattern ASIDE_HEADING = Pattern.compile("(?i)\\b(soak|salting|blanch|ice bath|canner)");
    private final GuideSnapshot guide;
    private final FigureFacts figures = new FigureFacts();
    private final Durations durations = new Durations();
    private final JarMentions jars = new JarMentions();
    private final PhraseFacts phrases = new PhraseFacts();
    private final IngredientFinder ingredients;
    private final LineKinds kinds;
    private final Residue residue = new Residue();
    private final Trailing trailing = new Trailing();
    private final Multiplied multiplied;
    private final Scrap scrap;
    private final StepWords steps;
    private final Talk talk;
    private final Appearance appearance;
    private final Deviations deviations;
    private final WholeText wholeText;
    private final ThisDish thisDish;

    public RecipeReader(GuideSnapshot guide) {
        this.guide = guide;
        this.ingredients = new IngredientFinder(guide);
        this.kinds = new LineKinds(guide.lexicon(), ingredients);
        this.multiplied = new Multiplied(guide.lexicon());
        this.scrap = new Scrap(guide.lexicon());
        this.steps = new StepWords(guide.lexicon());
        this.talk = new Talk(guide.lexicon());
        this.appearance = new Appearance(guide.lexicon());
        this.deviations = new Deviations(talk, appearance);
        this.wholeText = new WholeText(guide);
        this.thisDish = new ThisDish(ingredients);
    }

    public Recipe read(String written) {
        Shortened told = Padding.without(written);
        return told.leftOut().isEmpty()
                ? readAll(written)
                : readAll(told.text()).in(written, told::original);
    }

    private Recipe readAll(String written) {
        AltitudeTables tables =
                AltitudeTables.in(SelfCorrected.without(Idioms.without(TableRows.asFields(written)), guide.lexicon()));
        String text = tables.text();
        Draft draft = new Draft();
        Written whole = new Written(text);
        List<Range> lines = StepNumbers.withoutOnLines(text, Sentences.lines(text), guide.lexicon());
        for (int n = 0; n < lines.size(); n++) {
            line(whole, lines.get(n), n, draft);
        }
        wholeText.settle(text, draft);
        tables.settle(draft);
        List<Unread> unread = new ArrayList<>(draft.unread);
        // the same words missed twice are one thing not understood
        unread.removeIf(u -> draft.unread.stream()
                .anyMatch(o -> o != u
                        && o.range().contains(u.range())
                        && !o.range().equals(u.range())
                        && (o.bears() || !u.bears())));
        unread.sort((a, b) -> a.range().compareTo(b.range()));
        return new Recipe(
                written,
                draft.title,
                draft.titleFoods,
                draft.ingredients,
                draft.facts,
                draft.practices,
                unread,
                draft.passedOver);
    }

    /** The recipes of a text that holds several; one range for a text that holds one. */
    public List<Range> recipes(String written) {
        String text = TableRows.asFields(written);
        Written whole = new Written(text);
        return SeveralRecipes.of(
                text,
                line -> kinds.isTitle(line.of(text)) && !kinds.isOfList(whole, line),
                line -> kinds.isItem(text, line));
    }

    private void line(Written whole, Range line, int n, Draft draft) {
        String text = whole.text();
        String words = line.of(text);
        boolean opens = n < 6 && draft.title.isEmpty() && draft.ingredients.isEmpty() && !kinds.isOfList(whole, line);
        if (opens && (kinds.isTitle(words) || kinds.isOnlyHeading(words, text))) {
            title(text, line, draft);
            return;
        }
        if (WHOSE.matcher(words).find() || field(text, line, draft)) {
            return;
        }
        Optional<Range> about = opens ? kinds.dishAnnounced(words) : Optional.empty();
        if (about.isPresent()) {
            title(text, about.get().shift(line.start()), draft);
            return;
        }
        if (LineKinds.isHeading(words)) {
            draft.asideSection = ASIDE_HEADING.matcher(words).find();
            return;
        }
        Range rest = new Range(line.start() + DayHead.length(words), line.end());
        words = rest.of(text);
        if (opens) {
            // "Hola! My hot sauce: …"
            Matcher hail = HAIL.matcher(words);
            int hailed = hail.find() ? hail.end() : 0;
            rest = thisDish.opened(text, new Range(rest.start() + hailed, rest.end()), draft);
            words = rest.of(text);
            Matcher opening = OPENING.matcher(words);
            int named = opening.find() ? opening.group(1) != null ? 1 : 2 : 0;
            if (named > 0
                    && (LineKinds.namesForm(opening.group(named))
                            || Bulletin.opensWithQuantity(words.substring(opening.end())))
                    && kinds.isTitle(opening.group(named))
                    && (named == 1 || !TOLD.matcher(opening.group(named)).find())
                    && !(hailed > 0 && TELLS.matcher(opening.group(named)).find())) {
                title(text, new Range(rest.start() + opening.start(named), rest.start() + opening.end(named)), draft);
                rest = new Range(rest.start() + opening.end(), rest.end());
            }
        }
        boolean item = kinds.isItem(text, rest);
        boolean first = true;
        List<Range> sentences =
                AskedOfDone.told(text, StepNumbers.without(text, Answered.joined(text, Sentences.of(text, rest))));
        for (int k = 0; k < sentences.size(); k++) {
            // "Vent: 10. Pressure: 11. Time: 55."
            if (sentences.size() > 1 && field(text, sentences.get(k), draft)) {
                continue;
            }
            Sentence s = thisDish.of(whole, sentences.get(k), rest, item && first, draft);
            if (s.size() == 0) {
                continue;
            }
            String next = k + 1 < sentences.size() ? sentences.get(k + 1).of(text) : "";
            if (!thisDish.isTakenBack(s, next, draft)) {
                sentence(s, draft);
            }
            first = false;
        }
    }

    private void title(String text, Range named, Draft draft) {
        Range line = thisDish.opened(text, named, draft);
        draft.title = Optional.of(line);
        Sentence s = new Sentence(text, line, false);
        phrases.read(s, draft, true);
        durations.read(s, draft);
        figures.read(s, draft);
        jars.read(s, draft);
        draft.titleFoods.addAll(ingredients.foodsOf(s));
        steps.read(s, draft);
        practices(s, draft);
        trimmings(text, line, draft);
        // A title does not fill jars or start the canner.
        draft.filled = false;
        draft.inCanner = false;
        draft.cooked = Optional.empty();
    }

    private static final Cue WITH = Cue.of("\\b(with|w/|in)\\b");
    static final Set<FoodClass> TRIMMINGS = Set.of(
            FoodClass.FAT, FoodClass.DAIRY, FoodClass.EGG, FoodClass.STARCH, FoodClass.THICKENER, FoodClass.ALCOHOL);

    /** "Pickled asparagus with a glug of olive oil": what no recipe is tested with is in the jar though only the title says so. */
    private void trimmings(String text, Range line, Draft draft) {
        Matcher with = WITH.matcher(line.of(text).toLowerCase(Locale.ROOT));
        if (with.find()) {
            Draft named = new Draft();
            ingredients.read(new Sentence(text, new Range(line.start() + with.end(), line.end()), false), named);
            named.ingredients.stream()
                    .filter(i -> TRIMMINGS.contains(i.food().kind()))
                    .forEach(draft.ingredients::add);
        }
    }

    /** Nobody's next project is butter. */
    private boolean mayBeCannedNext(Sentence s) {
        return ingredients.foodsOf(s).stream()
                .map(Food::kind)
                .noneMatch(k -> TRIMMINGS.contains(k) || k == FoodClass.MEAT || k == FoodClass.ACID);
    }

    private void sentence(Sentence s, Draft draft) {
        if (Bulletin.isTold(s)
                || Hearsay.isRefused(s, draft)
                || Forbidden.isTold(s, draft)
                || Serving.isLabelled(s)
                || Bystanders.isAll(s, !draft.facts.times().isEmpty())
                || OtherJars.areAll(s, draft)
                || OtherJarsAsked.isOfOthersOnly(s, draft)
                || !draft.facts.times().isEmpty() && (Serving.isPutInLater(s) || AnotherTime.asksForLess(s))) {
            return;
        }
        if (Hearsay.isOfTheirs(s) || OtherJars.mayBe(s, draft)) {
            if (s.weight() > MarkedRemarks.HARMLESS) {
                draft.doubt(s.range());
            }
            return;
        }
        Hearsay.defied(s).ifPresent(draft::doubt);
        if (OtherJars.areFollowed(s, draft)) {
            draft.doubt(s.range());
        }
        AnotherTime.resolved(s).ifPresent(draft::doubt);
        boolean untold = s.low().startsWith("(")
                && draft.ingredients.stream().noneMatch(i -> i.amount().isPresent())
                && draft.facts.packs().isEmpty();
        if (AnotherTime.isOfNoJar(s, untold || !draft.facts.times().isEmpty()) && mayBeCannedNext(s)) {
            return;
        }
        int heard = Deviations.heard(draft);
        int before = Deviations.said(draft, heard);
        int forms = draft.facts.forms().size();
        int foods = draft.ingredients.size();
        int unread = draft.unread.size();
        int unknown = draft.unknownThings;
        Support support = Support.of(draft);
        // a letter may open with what it is about
        boolean canned = !draft.facts.times().isEmpty();
        boolean begun = foods > 0 || canned;
        phrases.read(s, draft, false);
        practices(s, draft);
        durations.read(s, draft);
        phrases.after(s, draft);
        figures.read(s, draft);
        // "Tomatoes: 3 quarts" in the list of a recipe
        boolean measures =
                s.isItem() && (draft.title.isPresent() || s.isBesideAmountsLast()) && AmountLast.is(s, guide.lexicon());
        if (measures) {
            JarMentions.named(s).ifPresent(draft.listedJars::add);
        } else {
            jars.read(s, draft);
        }
        ingredients.read(s, draft);
        boolean silent = Deviations.heard(draft) == heard + Deviations.named(draft, foods);
        residue.read(s, draft);
        steps.read(s, draft);
        // "It rained all week", "You helped my sister with her jelly": talk names no food and leaves nothing unread
        boolean named = draft.facts.forms().size() > forms || draft.ingredients.size() > foods;
        boolean inDoubt = silent && draft.unknownThings == unknown && (draft.unread.size() > unread || named && begun);
        if (inDoubt
                && !ProductName.isMadeDenser(
                        s,
                        draft.facts.forms().subList(forms, draft.facts.forms().size()))
                && !scrap.adds(s)
                && !(isGrave(draft.ingredients.subList(foods, draft.ingredients.size())) && !Serving.mayBeOfTheTable(s))
                && !ChangedAmount.isTold(s, draft)
                && (talk.isTalk(s, draft)
                        || canned
                                && Serving.isCompany(
                                        s,
                                        draft.ingredients.subList(foods, draft.ingredients.size()),
                                        namesTheDish(s, draft, foods)))) {
            forget(draft, unread, begun ? forms : NONE, foods);
        }
        trailing.read(s, draft);
        multiplied.read(s, draft);
        scrap.read(s, draft);
        boolean grown =
                draft.unread.size() > unread || draft.facts.forms().size() > forms || draft.ingredients.size() > foods;
        if (silent
                && grown
                && draft.unknownThings == unknown
                && !ChangedAmount.isTold(s, draft)
                && appearance.isTold(s, draft, canned)) {
            forget(draft, unread, begun ? forms : NONE, foods);
        }
        if (canned) {
            Bystanders.settle(s, draft, foods);
        }
        deviations.read(s, draft, before);
        Supposed.read(s, draft, support, begun || draft.ingredients.size() == foods);
        Misplaced.read(s, draft, support);
        unsure(s, draft);
        // "I have a crock of pickles going beside it": asked about, and not what this is
        if (canned && forms > 0 && !Bystanders.isPutIn(s) && isAskedAboutWhole(s, draft, unread)) {
            cut(draft.facts.forms(), forms);
        }
    }

    /** "Time: 20 min tops": a line of a form, and how sure its figure is. */
    private static boolean field(String text, Range line, Draft draft) {
        boolean read = FormField.read(text, line, draft) || FormAnswer.read(text, line, draft);
        if (read) {
            unsure(new Sentence(text, line, false), draft);
        }
        return read;
    }

    private static void unsure(Sentence s, Draft draft) {
        Hedged.read(s, draft);
        MoreThanTold.read(s, draft);
        UnsureHeight.read(s, draft);
        OtherAmount.read(s, draft);
    }

    private static boolean isAskedAboutWhole(Sentence s, Draft draft, int unread) {
        return draft.unread.subList(Math.min(unread, draft.unread.size()), draft.unread.size()).stream()
                .anyMatch(u -> u.range().contains(s.range()));
    }

    /** @param foods how many foods were known before the sentence */
    private boolean namesTheDish(Sentence s, Draft draft, int foods) {
        return ingredients.foodsOf(s).stream()
                .map(Food::group)
                .anyMatch(g -> draft.titleFoods.stream().anyMatch(f -> f.group().equals(g))
                        || draft.ingredients.subList(0, foods).stream()
                                .anyMatch(i -> i.food().group().equals(g)));
    }

    /** What no recipe bears is not forgotten because the words around it may be idle: "hence flour". */
    private static boolean isGrave(List<Ingredient> named) {
        return named.stream()
                .anyMatch(i -> TRIMMINGS.contains(i.food().kind())
                        || i.food().kind() == FoodClass.MEAT
                        || i.food().name().endsWith("juice, fresh"));
    }

    private static final int NONE = -1;

    /** @param forms how many forms, and with them foods, to keep; NONE where all of them tell what it is about */
    private static void forget(Draft draft, int unread, int forms, int foods) {
        cut(draft.unread, unread);
        if (forms != NONE) {
            cut(draft.facts.forms(), forms);
            cut(draft.ingredients, foods);
        }
    }

    private static void cut(List<?> list, int size) {
        list.subList(Math.min(size, list.size()), list.size()).clear();
    }

    private void practices(Sentence s, Draft draft) {
        if (Hearsay.isDisowned(s)) {
            return;
        }
        for (PracticeRule rule : guide.practices()) {
            Optional<Range> said = s.find(rule.pattern());
            if (said.isPresent() && rule.exception().filter(s::has).isEmpty()) {
                boolean graver = rule.graver().filter(g -> s.has(g.words())).isPresent();
                draft.practices.add(new Practice(rule, said.get(), graver));
            }
        }
    }
}
