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

/**
 * Reads a canner's plain text into a recipe. Every reading keeps its range; what was not understood is listed. Never
 * throws on any text; linear in its length.
 */
public final class RecipeReader {
    private static final int TITLE_LENGTH = 90;
    private static final int ITEM_LENGTH = 160;
    private static final Cue BULLET = Cue.of("^\\s*([-*•·–▢□+>]|\\[ ?\\])\\s+");
    private static final Pattern GREETING = Pattern.compile(
            "(?i)^(hi|hello|dear|good (morning|day|evening|afternoon)|thanks|thank you|greetings|to whom|from:|to:|date:|sent:|cc:|re: ?$)\\b.*");
    private static final Pattern SUBJECT = Pattern.compile("(?i)^(subject|title|name|recipe|re|fwd?)\\s*:\\s*");
    private static final Pattern HEADING = Pattern.compile("(?i)^[#*_ ]*(for the |the )?[a-z' /&-]{2,40}:[*_ ]*$");
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
    private static final Pattern PROCESS_WORDS = Pattern.compile(
            "(?i)\\b(process|canner|bath|headspace|psi|simmer|boil|pack|fill|pour|stir|add|combine|bring|wash|peel|cool|makes|yield)\\w*\\b");

    private final GuideSnapshot guide;
    private final FigureFacts figures = new FigureFacts();
    private final Durations durations = new Durations();
    private final JarMentions jars = new JarMentions();
    private final PhraseFacts phrases = new PhraseFacts();
    private final IngredientFinder ingredients;
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
        String text = TableRows.asFields(written);
        Draft draft = new Draft();
        Written whole = new Written(text);
        List<Range> lines = Sentences.lines(text);
        for (int n = 0; n < lines.size(); n++) {
            line(whole, lines.get(n), n, draft);
        }
        wholeText.settle(text, draft);
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
                text, line -> isTitle(line.of(text)) && !isOfList(whole, line), line -> isItem(text, line));
    }

    /** "Whole-kernel corn: 3 quarts" among others of its kind: no title, whatever else it may look like. */
    private boolean isOfList(Written whole, Range line) {
        if (!whole.listsAmountsLast()) {
            return false;
        }
        Sentence s = new Sentence(whole, line, true);
        return AmountLast.is(s, guide.lexicon())
                && FormWords.HEARD_IN_BODY.stream()
                        .noneMatch(f -> s.find(f.pattern()).isPresent());
    }

    private void line(Written whole, Range line, int n, Draft draft) {
        String text = whole.text();
        String words = line.of(text);
        boolean opens = n < 6 && draft.title.isEmpty() && draft.ingredients.isEmpty() && !isOfList(whole, line);
        if (opens && isTitle(words)) {
            title(text, line, draft);
            return;
        }
        if (WHOSE.matcher(words).find() || FormField.read(text, line, draft) || FormAnswer.read(text, line, draft)) {
            return;
        }
        Matcher about = HOW_FOR.matcher(words);
        if (opens && about.matches() && namesProduce(about.group("dish"))) {
            title(text, new Range(line.start() + about.start("dish"), line.start() + about.end("dish")), draft);
            return;
        }
        if (HEADING.matcher(words).matches()) {
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
                    && (namesForm(opening.group(named)) || Bulletin.opensWithQuantity(words.substring(opening.end())))
                    && isTitle(opening.group(named))
                    && (named == 1 || !TOLD.matcher(opening.group(named)).find())
                    && !(hailed > 0 && TELLS.matcher(opening.group(named)).find())) {
                title(text, new Range(rest.start() + opening.start(named), rest.start() + opening.end(named)), draft);
                rest = new Range(rest.start() + opening.end(), rest.end());
            }
        }
        boolean item = isItem(text, rest);
        boolean first = true;
        List<Range> sentences =
                AskedOfDone.told(text, StepNumbers.without(text, Answered.joined(text, Sentences.of(text, rest))));
        for (int k = 0; k < sentences.size(); k++) {
            // "Vent: 10. Pressure: 11. Time: 55."
            if (sentences.size() > 1
                    && (FormField.read(text, sentences.get(k), draft)
                            || FormAnswer.read(text, sentences.get(k), draft))) {
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

    /** "This is my procedure for pears:" */
    private static final Pattern HOW_FOR = Pattern.compile(
            "(?i)^((this is|here is|here's|here are|below is) )?(my|our|the) (\\w+ ){0,2}(procedure|method|recipe|directions|way|steps|process)( for| of| to can| with)? (?<dish>[a-z' -]{3,40}):$");

    private boolean namesProduce(String words) {
        return ingredients.foodsOf(new Sentence(words, new Range(0, words.length()), false)).stream()
                .anyMatch(f -> f.kind().isProduce() || f.kind() == FoodClass.MEAT);
    }

    private boolean isTitle(String words) {
        String bare = SUBJECT.matcher(words).replaceFirst("").strip();
        if (bare.isEmpty()
                || bare.length() > TITLE_LENGTH
                || SeveralRecipes.MEASURED.matcher(bare).find()
                || GREETING.matcher(bare).matches()
                || bare.endsWith(",")) {
            return false;
        }
        boolean labelled = SUBJECT.matcher(words).find();
        boolean sentence =
                bare.endsWith(".") || bare.endsWith("?") || bare.endsWith("!") || bare.split("\\s+").length > 12;
        Sentence s = new Sentence(bare, new Range(0, bare.length()), false);
        boolean amount = Amounts.at(s.tokens(), 0)
                .map(a -> a.unitSaid() || s.token(0).isNumber())
                .orElse(false);
        return !amount
                && (labelled || !sentence)
                && !BULLET.in(words)
                && (!HEADING.matcher(words).matches() || namesDish(s, words))
                && !words.contains(";")
                && (!ingredients.foodsOf(s).isEmpty() || ProductName.namesForm(s));
    }

    private static final Pattern PART = Pattern.compile(
            "(?i)^\\W*(for )?(the )?(\\w+ )?(ingredients|brine|syrup|sauce|spices|directions|for)\\b|\\bfor\\b");

    /** "Tomato & veg juice:", but not "For the juice:". */
    private boolean namesDish(Sentence s, String words) {
        return ProductName.namesForm(s)
                && !PART.matcher(words).find()
                && !ingredients.foodsOf(s).isEmpty();
    }

    private static boolean namesForm(String bare) {
        return ProductName.namesForm(new Sentence(bare, new Range(0, bare.length()), false));
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

    private boolean isItem(String text, Range line) {
        String words = line.of(text);
        boolean bullet = BULLET.in(words);
        if (words.length() > ITEM_LENGTH) {
            return false;
        }
        Sentence s = new Sentence(text, line, true);
        int at = 0;
        while (at < s.size() && s.token(at).kind() == oilcloth.text.Token.Kind.SIGN && at < 3) {
            at++;
        }
        if (at >= s.size()) {
            return false;
        }
        if (s.token(at).isNumber()
                && (s.is(at + 1, ")")
                        || (s.is(at + 1, ".")
                                && at + 2 < s.size()
                                && !s.token(at + 2).isNumber()
                                && s.token(at).raw().length() <= 2))) {
            return false;
        }
        Optional<Amounts.Found> amount = Amounts.at(s.tokens(), at);
        if (amount.isPresent() && (amount.get().unitSaid() || s.token(at).isNumber())) {
            int next = amount.get().next();
            boolean time = next < s.size()
                    && (s.token(next).norm().startsWith("min")
                            || s.token(next).norm().startsWith("hour")
                            || s.is(next, "hr")
                            || s.is(next, "hrs"));
            return !time
                    && Sentences.of(text, line).size() <= 2
                    && !(words.length() > 60
                            && PROCESS_WORDS.matcher(words).results().count() > 1);
        }
        if (AmountLast.is(s, guide.lexicon())) {
            return true;
        }
        boolean shortLine = s.size() <= 8 && !PROCESS_WORDS.matcher(words).find();
        return shortLine
                && (bullet || s.food(guide.lexicon(), at).isPresent())
                && !words.endsWith("?")
                && !words.endsWith("!");
    }

    /** Nobody's next project is butter. */
    private boolean mayBeCannedNext(Sentence s) {
        return ingredients.foodsOf(s).stream()
                .map(Food::kind)
                .noneMatch(k -> TRIMMINGS.contains(k) || k == FoodClass.MEAT || k == FoodClass.ACID);
    }

    private void sentence(Sentence s, Draft draft) {
        if (Bulletin.isTold(s) || Hearsay.isRefused(s, draft) || Forbidden.isTold(s, draft) || Serving.isLabelled(s)) {
            return;
        }
        if (Hearsay.isOfTheirs(s)) {
            if (s.weight() > MarkedRemarks.HARMLESS) {
                draft.doubt(s.range());
            }
            return;
        }
        Hearsay.defied(s).ifPresent(draft::doubt);
        AnotherTime.resolved(s).ifPresent(draft::doubt);
        if (AnotherTime.isOfNoJar(s, !draft.facts.times().isEmpty()) && mayBeCannedNext(s)) {
            return;
        }
        int heard = Deviations.heard(draft);
        int before = Deviations.said(draft, heard);
        int forms = draft.facts.forms().size();
        int foods = draft.ingredients.size();
        int unread = draft.unread.size();
        int unknown = draft.unknownThings;
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
        if (!measures) {
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
                                && Serving.isCompany(s, draft.ingredients.subList(foods, draft.ingredients.size())))) {
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
        deviations.read(s, draft, before);
    }

    /** What no recipe bears is not forgotten because the words around it may be idle: "hence flour". */
    private static boolean isGrave(List<Ingredient> named) {
        return named.stream()
                .anyMatch(i -> TRIMMINGS.contains(i.food().kind()) || i.food().kind() == FoodClass.MEAT);
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
