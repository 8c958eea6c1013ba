package oilcloth.reading;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Predicate;
import oilcloth.guide.Food;
import oilcloth.measure.JarSize;
import oilcloth.recipe.Fact;
import oilcloth.recipe.Facts;
import oilcloth.recipe.Ingredient;
import oilcloth.recipe.Practice;
import oilcloth.recipe.ProcessTime;
import oilcloth.recipe.Unread;
import oilcloth.text.Range;

/** What has been read so far; the readers write into it as they go through the text. */
final class Draft {
    final Facts facts = new Facts();
    /** Where ingredients stand that a line of the list names. */
    final Set<Range> listed = new HashSet<>();

    final List<Ingredient> ingredients = new ArrayList<>();
    /** Those of which the canner took another amount than the recipe. */
    final List<Ingredient> changed = new ArrayList<>();

    final List<Practice> practices = new ArrayList<>();
    final List<Unread> unread = new ArrayList<>();
    final List<Food> titleFoods = new ArrayList<>();
    /** Foods the text says were left out. */
    final List<Food> absent = new ArrayList<>();

    /** Foods whose directions were followed, and where the text says so. */
    final Map<Range, Food> directionsFor = new LinkedHashMap<>();

    /** Produce named in a sentence about a garden, a gift or a meal: what it is about, where nothing else says so. */
    final List<Ingredient> inPassing = new ArrayList<>();

    /** Up to where a dish named first has been taken back. */
    int takenBackTo;

    /** Words about another dish than this one. */
    final List<Range> passedOver = new ArrayList<>();

    /** Jars named only beside a dose, as in "per pint". */
    final List<Fact<JarSize>> doseJars = new ArrayList<>();

    /** Heights of other places and times. */
    final List<Range> otherHeights = new ArrayList<>();

    /** Quarts and pints of a list that measure what goes in, as far as anybody knows. */
    final List<JarSize> listedJars = new ArrayList<>();

    /** Times that are a clause by themselves and nothing else claims: "vented 10, 75 minutes". */
    final List<Fact<ProcessTime>> looseTimes = new ArrayList<>();

    /** Those of them told in a sentence that tells nothing else. */
    final List<Fact<ProcessTime>> plainTimes = new ArrayList<>();

    /** What takes the strength of an acid, told of so much or more. */
    final List<Range> moreThanTold = new ArrayList<>();

    /** Those of the loose ones told of less, or of nobody is sure how much. */
    final List<Fact<ProcessTime>> hedgedTimes = new ArrayList<>();

    /** Minutes and hours of which nothing says what they were for. */
    final List<Range> unplacedTimes = new ArrayList<>();

    /** Times told only by a boil: "in half-pints, boiled 5 min" may be the food. */
    final List<Fact<ProcessTime>> boiledTimes = new ArrayList<>();

    /** What was not understood behind such a time, as one would ask behind the canner's. */
    final List<Unread> behindBoil = new ArrayList<>();

    Optional<Range> title = Optional.empty();
    /** Sentences of a letter without a title that may still name the product. */
    int opening = 3;

    /** Measured things whose names nobody knows, and what speaks against what was told; no talk excuses them. */
    int unknownThings;

    /** "Canner: boiling water bath". */
    Optional<Range> bathField = Optional.empty();

    /** Heading "for the soak" and the like: what follows is poured off. */
    boolean asideSection;
    /** The jars have gone into the canner: a time that follows is a process time. */
    boolean inCanner;
    /** Where in the text they did. */
    int inCannerFrom;

    boolean inCannerAt(int offset) {
        return inCanner && inCannerFrom <= offset;
    }

    /** The whole time was begun again: what went out, or down, before that is mended. */
    boolean restarted;

    /** The jars have been filled: cooking that follows is not a hot pack. */
    boolean filled;

    /** The jars have been filled and closed. */
    boolean lidded;
    /** Words that say no jar is processed; where a time is told as well, both cannot hold. */
    Optional<Range> unprocessed = Optional.empty();

    /** "No lemon", "without the vinegar". */
    final List<Range> acidDenied = new ArrayList<>();

    /** The food was covered with water and cooked: that is its cooking liquid. */
    boolean cookedInWater;

    /** Words that say the food itself was cooked before filling. */
    Optional<Range> cooked = Optional.empty();

    /** How many amounts above nothing are told of foods of some kind. */
    int amountsOf(Predicate<Food> kind) {
        return (int) ingredients.stream()
                .filter(i -> kind.test(i.food()))
                .flatMap(i -> i.amount().stream())
                .filter(a -> a.high() > 0)
                .count();
    }

    /** Asks about words that a reader understood to speak against what was told: no talk around them excuses them. */
    /** One load vented and another not, or a habit taken back: it is not vented. */
    void tellVented(boolean vented, Range range) {
        if (!vented || facts.vented().map(Fact::value).orElse(true)) {
            facts.vented(Fact.read(vented, range));
        }
    }

    void doubt(Range words) {
        unread.add(new Unread(words, true));
        unknownThings++;
    }
}
