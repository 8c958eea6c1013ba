package oilcloth.reading;

import java.util.BitSet;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Predicate;
import java.util.stream.IntStream;
import oilcloth.guide.Food;
import oilcloth.guide.FoodClass;
import oilcloth.guide.Lexicon;
import oilcloth.text.Cue;
import oilcloth.text.Range;
import oilcloth.text.Token;

/**
 * Talk of no weight: the family, the garden, the table, the weather, the letter itself, and the right things done before
 * and after the canning. Weighed by the words that are known to be idle, not by those known to matter: a word nobody
 * foresaw makes a remark one to ask about.
 */
final class Talk {
    private static final Map<String, WordList> WORDS = WordList.sections("talk-words.txt");
    private static final WordList ABOUT = WORDS.get("about");
    private static final WordList KNOWN = WORDS.get("known");
    private static final WordList MILD = WORDS.get("mild");
    private static final WordList VESSELS = WORDS.get("vessels");
    private static final WordList WEIGHTY = WORDS.get("weighty");
    /** What is done with the food in a recipe that names its time before its steps. */
    private static final WordList STEPS = WORDS.get("steps");

    /** At table any food may be named that is in no jar. */
    private static final Cue MEAL = Cue.of(
            "\\b(eat|eats|eating|ate|serve|serves|served|drink|drank|breakfast|lunch|dinner|supper|toast|chowder|chili|stew|soup|casserole|salads?|sandwich\\w*|picnic|potluck|noodles|nachos|biscuits?|pancakes|pie|pies|gravy)\\b"
                    + "|\\b(like|likes|liked|love|loves|loved|have|swears? by) (it|them|these) (over|with|on|in|alongside|better than|more than)\\b|\\b(never|not|didn't|don't) (like|liked|care for|cared for)\\b|\\b(cannot|can't|could not|couldn't) (abide|stand|bear)\\b");

    /** Where it grew, or who gave it: there produce is named. */
    private static final Cue GROWN = Cue.of(
            "\\b(garden|orchard|trees?|vines?|bush|bushes|plant|planted|grow|grows|grew|rows?|market|farm|luck with|crop of|hates?|got|get|bought|picked|come|came|comes|brings?|brought|gave|year for|from the|off the)\\b");

    /** "I sneak a zucchini slice in each jar so they get a vegetable". */
    private static final Cue IN_THE_JAR = Cue.of(
            "\\b(in|into|to|on) (each|every|the|some|a few|most|all the|all of the|one|half the) (\\w+ )?(jars?|pints?|quarts?|batch)\\b");

    /** A food may have gone into the jar after all. */
    private static final Set<String> JOINS =
            Set.of("so", "put", "went", "goes", "same", "also", "too", "well", "inside");

    private static final WordList HANDLING = WORDS.get("handling");
    private static final WordList HANDLED = WORDS.get("handled");
    private static final Set<String> DOING = Set.of("do", "does", "did", "doing", "make", "makes", "made");
    private static final Set<String> PLACING = Set.of("in", "on", "over", "under", "by", "at", "inside", "up");
    private static final Set<String> NOT =
            Set.of("not", "never", "don't", "didn't", "doesn't", "no", "without", "won't", "can't");
    private static final Set<String> LEFT_UNDONE = Set.of(
            "do", "use", "take", "need", "wait", "bother", "fuss", "start", "wash", "washed", "rinse", "peel", "keep",
            "have", "did");
    /** After these a capital is somebody's name. */
    private static final Set<String> BEFORE_A_NAME = Set.of(
            "for", "from", "by", "named", "called", "says", "said", "told", "asked", "and", "uncle", "aunt", "is",
            "are", "were", ",");

    /** Jars or lid before their time; a time that cooks nothing. */
    private static final Cue TAKEN_OUT = Cue.of(
            "\\b(take|takes|took|open|opens|opened|pull|pulls|pulled|fish|fished|lift|lifts|lifted)\\b[^.;]{0,16}\\b(lids?|jars?|them)\\b[^.;]{0,10}\\b(off|out)\\b");

    private static final Cue TIMED = Cue.of("\\b(minutes?|mins?|hours?|hrs?)\\b");
    private static final Cue COOKS = Cue.of(
            "\\b(boil|simmer|cook|blanch|soak|steam|stand|stood|heat|brown|vent|exhaust|roast|bake|dip|scald|let|sit|sat|brin|boiling)\\w*\\b");

    /** "Fourteen of them staring at me", "nine jars left": how many there are is no figure of the recipe. */
    private static final Cue COUNTS = Cue.of(
            "^(\\d{1,3}|two|three|four|five|six|seven|eight|nine|ten|eleven|twelve|thirteen|fourteen|fifteen|sixteen|eighteen|twenty|thirty|forty|fifty) ((more )?(jars|of (them|these|those))( jars)? (left|staring|sitting|standing|lined|waiting|to go|gone|already|so far|altogether|in all|on (the|my)|for (the|my))|of (my|our|the) (grand\\w+|kids|children)|grand\\w+|kids|children|sisters|brothers|cousins|neighbou?rs|people|guests|of us|left|to go)\\b");

    private static final int MILD_WORDS = 2;

    private final Lexicon lexicon;
    private final MarkedRemarks marked = MarkedRemarks.shipped();

    Talk(Lexicon lexicon) {
        this.lexicon = lexicon;
    }

    /** "Au gratin.", "Egg drop": a few words of which nothing was read and one is in no list. */
    Optional<Range> strange(Sentence s) {
        if (s.size() > FEW || s.isItem() || s.anyClaimed(0, s.size())) {
            return Optional.empty();
        }
        for (int i = 0; i < s.size(); i++) {
            String word = s.token(i).norm();
            boolean name = i > 0 && Character.isUpperCase(s.token(i).raw().charAt(0));
            if (word.length() > SHORT && !name && !isNamed(s, i, f -> true) && Unheard.is(s, i)) {
                return Optional.of(s.span(i, i + 1));
            }
        }
        return Optional.empty();
    }

    /** A name below "Best regards,". */
    boolean isSigned(Sentence s) {
        return Signature.is(s, lexicon) && Signature.isBelowClosing(s);
    }

    /** Tokens, and letters. */
    private static final int FEW = 7;

    private static final int SHORT = 3;

    /** Known in all its words to say nothing of what is in the jars: what was read from it may be forgotten. */
    boolean isTalk(Sentence s, Draft draft) {
        return s.weight() < MarkedRemarks.SUSPECT && isIdleByWords(s, draft, false);
    }

    /**
     * Nothing to ask about.
     *
     * @param early whether no jar has been filled yet: then the steps of the recipe still follow its time
     */
    boolean isIdle(Sentence s, Draft draft, boolean early) {
        double weight = s.weight();
        return weight < MarkedRemarks.HARMLESS && marked.hasMetMost(s) && !putsAnotherThingIn(s, draft)
                || isSameKind(s, draft)
                || weight < (isOfTheCanning(s) ? MarkedRemarks.IDLE_WORDS : MarkedRemarks.GRAVE)
                        && isIdleByWords(s, draft, early);
    }

    boolean isSameKind(Sentence s, Draft draft) {
        return SameKind.isTold(s, draft, lexicon);
    }

    /** Whether a food, a jar or the canner is named in it at all. */
    private boolean isOfTheCanning(Sentence s) {
        return IntStream.range(0, s.size())
                .anyMatch(i -> isWeighty(s.token(i).norm())
                        || VESSELS.hasForm(s.token(i).norm())
                        || isNamed(s, i, f -> true));
    }

    boolean isIdleByWords(Sentence s, Draft draft, boolean early) {
        if (Signature.is(s, lexicon)) {
            return true;
        }
        BitSet told = new BitSet(s.size());
        IdlePhrases.mark(s, told);
        for (int i = 0; i < s.size(); i++) {
            markChoice(s, draft, i, told);
        }
        if (early && (s.has(TAKEN_OUT) || s.has(TIMED) && !s.has(COOKS))) {
            return false;
        }
        if ((!early || Serving.isTold(s))
                && IntStream.range(0, s.size())
                        .anyMatch(i -> !told.get(i) && isNamed(s, i, f -> true) && !isLeftOut(s, i, draft))
                && IntStream.range(0, s.size())
                        .anyMatch(i -> !told.get(i) && JOINS.contains(s.token(i).norm()))) {
            return false;
        }
        if (putsAFoodIn(s)) {
            return false;
        }
        boolean meal = s.has(MEAL);
        boolean grown = s.has(GROWN);
        boolean another = s.has(AnotherTime.CUE);
        int about = told.isEmpty() && !s.low().endsWith("?") ? 0 : 1;
        int strange = 0;
        int mild = 0;
        for (int i = 0; i < s.size(); i++) {
            if (told.get(i) || early && isRead(s, i) || s.token(i).kind() == Token.Kind.SIGN) {
                continue;
            }
            String word = base(s.token(i).norm());
            if (s.is(i - 1, "$")) {
                continue;
            }
            if (s.isAround(i, 0, 4, COUNTS)) {
                continue;
            }
            if (s.token(i).isNumber() || isHandled(s, i, told) && !(early && isStep(s, i))) {
                return false;
            }
            if (ABOUT.hasForm(word) || isName(s, i) && !isWeighty(word)) {
                about++;
            } else if (!KNOWN.hasForm(word) && !(early && STEPS.hasForm(word))) {
                if (another && isNamed(s, i, f -> f.isProduce())) {
                    about++;
                    continue;
                }
                // "no hot peppers, the children will not have it": what is not in it
                if (isLeftOut(s, i, draft)) {
                    about++;
                    continue;
                }
                if (isNamed(s, i, f -> meal && f != FoodClass.ACID && f != FoodClass.SALT || grown && f.isProduce())) {
                    continue;
                }
                if (MILD.hasForm(word)) {
                    mild++;
                    continue;
                }
                // what a food is doing there the other readers have told
                if (early && (!isWeighty(word) && StepWords.isPlain(word) || isNamed(s, i, f -> true))) {
                    continue;
                }
                if (isWeighty(word) || isNamed(s, i, f -> true)) {
                    return false;
                }
                strange++;
            }
        }
        return strange <= about && mild <= MILD_WORDS && (about > mild / 2 || early);
    }

    private boolean putsAFoodIn(Sentence s) {
        boolean putIn = Serving.isPutIn(s);
        return (putIn || s.has(IN_THE_JAR) || s.has(Vocabulary.WE_ADD))
                && IntStream.range(0, s.size()).anyMatch(i -> isNamed(s, i, f -> true) || putIn && Unheard.is(s, i));
    }

    /** A food that is not listed, or a word that may be the name of one. */
    private boolean putsAnotherThingIn(Sentence s, Draft draft) {
        return Serving.isPutIn(s)
                && IntStream.range(0, s.size())
                        .anyMatch(i -> Unheard.is(s, i)
                                || isNamed(s, i, f -> true)
                                        && !isLeftOut(s, i, draft)
                                        && s.food(lexicon, i)
                                                .filter(m -> isListed(s, draft, m.food()))
                                                .isEmpty());
    }

    /** Elsewhere in the letter, and not only here. */
    private static boolean isListed(Sentence s, Draft draft, Food food) {
        return draft.ingredients.stream()
                .anyMatch(known -> !s.range().contains(known.range())
                        && known.food().group().equals(food.group()));
    }

    /** "No hot peppers", "strawberries were not ready yet": no acid and no salt, whose absence tells. */
    private boolean isLeftOut(Sentence s, int i, Draft draft) {
        boolean absent =
                s.food(lexicon, i).filter(m -> draft.absent.contains(m.food())).isPresent();
        return (absent || s.negatedToken(i)) && isNamed(s, i, f -> f != FoodClass.ACID && f != FoodClass.SALT);
    }

    /** "Crush them", "boil it", but not "set hers" or "keep it moving". */
    private static boolean isStep(Sentence s, int i) {
        String word = s.token(i).norm();
        return STEPS.hasForm(word)
                && !HANDLING.has(word)
                && (s.is(i + 1, "them") || s.is(i + 1, "it") || s.is(i + 1, "all"));
    }

    /** A figure, its unit, or a word that some reader has taken and that is not of the canner. */
    private static boolean isRead(Sentence s, int i) {
        String word = s.token(i).norm();
        boolean time = TimeWords.MINUTE.contains(word) || TimeWords.HOUR.contains(word);
        return s.isClaimed(i) && (s.token(i).isNumber() || time || !isWeighty(word));
    }

    /** A word of people, places and pastimes. */
    static boolean isAbout(String word) {
        return ABOUT.hasForm(word);
    }

    /** A word of every day that says nothing of food. */
    static boolean isCommon(String word) {
        return KNOWN.hasForm(word) || ABOUT.hasForm(word);
    }

    static boolean isWeighty(String word) {
        return WEIGHTY.hasForm(word)
                || word.endsWith("er") && WEIGHTY.hasForm(word.substring(0, word.length() - 2))
                || word.endsWith("est") && WEIGHTY.hasForm(word.substring(0, word.length() - 3));
    }

    private static final Set<String> CHOOSES = Set.of("use", "uses", "used", "buy", "bought", "like", "prefer");
    private static final Set<String> LEAVES_OUT = Set.of(
            "skip", "skips", "skipped", "omit", "omits", "omitted", "leave", "leaves", "left", "without", "add", "adds",
            "added");
    private static final Set<String> OF_A_FOOD = Set.of(
            "the",
            "any",
            "my",
            "our",
            "some",
            "a",
            "little",
            "bit",
            "pinch",
            "of",
            "out",
            "extra",
            "more",
            "less",
            "ground",
            "whole",
            "dried",
            "frozen",
            "fresh",
            "red",
            "white",
            "yellow",
            "green",
            "sweet",
            "golden",
            "purple",
            "orange",
            "heirloom",
            "only",
            "small",
            "large",
            "own");

    private static final Set<String> AMOUNT_OR_FORM = Set.of(
            "extra", "more", "less", "little", "bit", "pinch", "out", "ground", "whole", "dried", "only", "small",
            "large");

    /** "I skip the celery seed", "I used frozen corn": seasonings as one likes, and which kind of what is listed anyway. */
    private void markChoice(Sentence s, Draft draft, int i, BitSet told) {
        Optional<Lexicon.Match> named = s.food(lexicon, i).filter(m -> !told.get(i));
        if (named.isEmpty()) {
            return;
        }
        int verb = i - 1;
        boolean sameKind = true;
        while (verb >= 0 && OF_A_FOOD.contains(s.token(verb).norm())) {
            sameKind &= !AMOUNT_OR_FORM.contains(s.token(verb).norm());
            verb--;
        }
        String word = verb < 0 ? "" : s.token(verb).norm();
        Food food = named.get().food();
        boolean listed = sameKind && food.kind().isProduce() && isListed(s, draft, food);
        boolean seasons = food.isSeasoning() && (LEAVES_OUT.contains(word) || CHOOSES.contains(word));
        if (seasons || listed && CHOOSES.contains(word)) {
            told.set(verb, i + named.get().length());
        }
    }

    /** "take them out", "didn't wait": small words that tell of the canning all the same. */
    private static boolean isHandled(Sentence s, int i, BitSet told) {
        if (i + 1 >= s.size() || told.get(i + 1)) {
            return false;
        }
        String word = s.token(i).norm();
        String next = s.token(i + 1).norm();
        boolean article = next.equals("the") || next.equals("my") || next.equals("each") || next.equals("every");
        if (article && i + 2 < s.size() && VESSELS.hasForm(s.token(i + 2).norm())) {
            // "shook the jars", "wiggled the weight"
            return !ABOUT.hasForm(word) && !KNOWN.hasForm(word) && s.token(i).isWord();
        }
        if (!HANDLED.has(next)) {
            return NOT.contains(word) && LEFT_UNDONE.contains(next);
        }
        word = base(word);
        return HANDLING.has(word)
                || DOING.contains(word)
                        && i + 2 < s.size()
                        && !told.get(i + 2)
                        && PLACING.contains(s.token(i + 2).norm())
                || !ABOUT.hasForm(word) && !KNOWN.hasForm(word);
    }

    /** Whether a word is of the name of a food. */
    boolean names(Sentence s, int i) {
        return isNamed(s, i, f -> true);
    }

    /** Whether a word is the name of such a food, or the second word of it. */
    private boolean isNamed(Sentence s, int i, Predicate<FoodClass> such) {
        return s.food(lexicon, i).filter(m -> such.test(m.food().kind())).isPresent()
                || i > 0
                        && s.food(lexicon, i - 1)
                                .filter(m ->
                                        m.length() > 1 && such.test(m.food().kind()))
                                .isPresent();
    }

    private static boolean isName(Sentence s, int i) {
        if (i == 0 || !Character.isUpperCase(s.token(i).raw().charAt(0))) {
            return false;
        }
        String before = base(s.token(i - 1).norm());
        return BEFORE_A_NAME.contains(before) || ABOUT.hasForm(before) || isName(s, i - 1);
    }

    static String base(String word) {
        return word.endsWith("'s") ? word.substring(0, word.length() - 2) : word;
    }
}
