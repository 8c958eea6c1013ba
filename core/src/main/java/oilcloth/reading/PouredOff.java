package oilcloth.reading;

import java.util.regex.Pattern;
import java.util.stream.Stream;
import oilcloth.guide.Food;
import oilcloth.guide.FoodClass;
import oilcloth.recipe.Ingredient;
import oilcloth.text.Cue;

/** Soaking water, salt that is drained and acid against browning: poured off, and never in the jar. */
final class PouredOff {
    private static final Cue ASIDE = Cue.of(
            "\\b(place|drop|dip|put|lower|boil)\\b[^.;]{0,30}\\b(at a time|per batch|in batches) in\\b|\\b(soak|soaked|soaking|rinse|rinsed|blanch|blanched|scald|dip|canner|drained off|poured off|drain off|ice water|(bowl|basin|sink) of (cold |cool |salted )?water|hold in|holding|press(ed)? (it |them |all )?(dry|out)|squeezed? (it |them |all )?(dry|out)|wring|wrung|for the soak|drain and cover|to keep from (browning|darkening)|anti-?browning)\\b");
    private static final Cue IN_JAR = Cue.of(
            "\\b(brine|syrup|vinegar|pour over|pour over them|into the jars?|per jar|each jar|to each|in each)\\b");

    private PouredOff() {}

    /** @param from the token the amount or the name begins at */
    static boolean is(Sentence s, Draft draft, Food food, int from) {
        boolean liquid = food.kind() == FoodClass.WATER
                || food.kind() == FoodClass.SALT
                || food.kind() == FoodClass.FIRMING
                || food.name().equals("ascorbic acid")
                || food.name().equals("fruit antibrowning mix")
                || food.isAcidulant();
        boolean fat = food.kind() == FoodClass.FAT && !s.has(KEPT) && isMeat(draft);
        return fat && (s.has(BROWNED) || drainsFat(s, from))
                || liquid
                        && (draft.asideSection
                                || !food.isAcidulant() && isDrainedSaltWater(s)
                                || food.kind() == FoodClass.WATER && isLimeWater(s, from)
                                || isPouredOff(setting(s, from))
                                || !food.isAcidulant() && isPouredOff(s.low()));
    }

    private static final Cue SALT_AND_WATER = Cue.of("\\bsalt\\b.*\\bwater\\b|\\bwater\\b.*\\bsalt\\b");

    private static final Pattern SALT_WATER_DRAINED = Pattern.compile(
            "(?i)\\b((drain|discard)\\w*( off)?|pour(ed)? (off|out)) (the )?(salt ?water|salted water|salt brine)\\b");

    /** "Add 1/4 cup salt to 2 quarts water and boil … On the third day drain salt water and discard". */
    private static boolean isDrainedSaltWater(Sentence s) {
        return s.has(SALT_AND_WATER) && !s.has(IN_JAR) && !s.isItem() && s.wholeHas(SALT_WATER_DRAINED);
    }

    /** "Brown a few at a time with just enough oil to keep them from sticking". */
    private static final Cue BROWNED = Cue.of(
            "\\b(brown|browned|browning|sear|seared|saut\\w*|fry|fried)\\b.*\\b(little|enough|(small|tiny) amount of|(bit|touch|film|wipe|drop|dab|smear|slick|spray|drizzle|tad) of|spoon(ful)?s? of|some)\\b[^.;,]{0,14}\\b(oil|fat|lard|shortening|grease|drippings)\\b|\\b(brown|browned|browning|sear|seared|saut\\w*|fry|fried)\\b[^.;,]{0,40}\\bin (hot |some |the )?(oil|fat|lard|shortening)\\b"
                    + "|\\b(brown|browned|browning|sear|seared|saut\\w*|fry|fried)\\b[^.;]{0,40}(?<![\\d/.] ?)\\b(a|an|one|two|[12]|half a) (scant |rounded )?(teaspoons?|tablespoons?|tsps?|tbsps?|spoonfuls?|t) (of )?(\\w+ )?(oil|fat|lard|shortening|grease|drippings)\\b"
                    + "|\\b(oil|fat|lard|shortening|grease|drippings)( or so)? (in|on|to (coat|grease|oil)|for) (the |a |my )?(bottom of the )?(hot )?(cast iron )?(skillet|frying pan|fry pan|pan|griddle|browning)\\b"
                    + "|\\b(pre-?)?cook\\w*\\b[^.;,]{0,40}\\b(skillet|frying pan|pan|griddle)\\b[^.;,]{0,12}\\b(little|bit of|touch of|film of|spoonful of|drop of|drizzle of)\\b[^.;,]{0,14}\\b(oil|fat|lard|shortening|grease|drippings)\\b");

    /** "Grease drained", "drained off the fat". */
    private static final Cue FAT_DRAINED = Cue.of(
            "\\b(fat|lard|drippings|grease)( (was|is|all|well|then))? (drained|poured|spooned|skimmed|blotted)\\b|\\b((drain|skim|blot)(ed|s|med|ted)?( off| out| away)?|(pour|spoon)(ed|s)? (off|out|away)) (the |any |all |most of |excess |extra |rendered )*(bacon )?(fat|lard|drippings|grease)\\b");

    /** Whether the words around a token say that fat was drained off. */
    static boolean drainsFat(Sentence s, int at) {
        return s.isAround(at, 5, 4, FAT_DRAINED);
    }

    private static final Cue KEPT = Cue.of(
            "\\b(oil|fat|lard|shortening|drippings|grease)\\b[^.;]{0,20}\\b(pour\\w*|goes|went|over|too|(in|into|to) (the|each|every|my) (jars?|pints?|quarts?))\\b");

    private static boolean isMeat(Draft draft) {
        return Stream.concat(
                        draft.titleFoods.stream(), draft.ingredients.stream().map(Ingredient::food))
                .anyMatch(f -> f.kind() == FoodClass.MEAT);
    }

    private static boolean isPouredOff(String words) {
        return ASIDE.in(words) && !IN_JAR.in(words);
    }

    private static final String OF_LIME = "\\b(pickling|slaked|hydrated) lime\\b|\\blime water\\b";
    private static final Cue LIME = Cue.of(OF_LIME);
    private static final Pattern LIME_ANYWHERE = Pattern.compile(OF_LIME, Pattern.CASE_INSENSITIVE);

    /** "1 1/2 cups pickling lime, 1 1/2 gallons water": nobody boils a brine by the gallon beside lime. */
    private static boolean isLimeWater(Sentence s, int from) {
        return LIME.in(setting(s, from)) || s.around(from, 0, 5).contains("gal") && s.wholeHas(LIME_ANYWHERE);
    }

    private static final Cue BROWNING = Cue.of("\\b(brown|dark|discolou?r)");

    /** Where an acid goes: its own clause of a run-on text, unless the sentence is about browning. */
    private static String setting(Sentence s, int at) {
        if (s.has(BROWNING)) {
            return s.low();
        }
        int offset = s.token(at).range().start() - s.range().start();
        int from = offset;
        while (from > 0 && !endsClause(s.low(), from - 1)) {
            from--;
        }
        int to = offset;
        while (to < s.low().length() && !endsClause(s.low(), to)) {
            to++;
        }
        return s.low().substring(from, to);
    }

    private static boolean endsClause(String low, int at) {
        char c = low.charAt(at);
        // the stop of "1.5 tsp" ends nothing
        return c == ',' || c == ';' || c == '.' && (at + 1 >= low.length() || low.charAt(at + 1) == ' ');
    }
}
