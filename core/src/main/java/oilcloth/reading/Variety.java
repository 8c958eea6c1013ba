package oilcloth.reading;

import java.util.List;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import oilcloth.guide.Food;
import oilcloth.guide.GuideSnapshot;
import oilcloth.recipe.Ingredient;
import oilcloth.text.Cue;
import oilcloth.text.Folded;
import oilcloth.text.Range;

/** A kind that is no safer than another food, told apart from its name: "Peaches … White-fleshed, which is all we grow". */
enum Variety {
    WHITE_PEACH(
            "peach, white",
            List.of("peach, yellow", "nectarine"),
            ".*",
            "\\b(white[- ]?flesh(ed)?|white (nectarines?|peach(es)?)|(peach(es)?|nectarines?)[ ,:;(–-]+(the |all |mostly |some )?whites?\\b(?! (syrup|grape|vinegar|sugar|wine|scum|foam))|(white|pale) (ones?|kinds?|sorts?|variety|varieties|types?)|(flesh|inside) (is|are|was|were) white|(is|are|was|were|they're) white (inside|fleshed|within|through))\\b",
            "(?!)"),
    GREEN_MANGO(
            "mango, green",
            List.of("mango, ripe"),
            ".*",
            "\\b(unripe|underripe|under-ripe|hard|green|not ripe)\\b[^.;:]{0,16}\\bmango|\\bmango\\w*\\b[^.;:]{0,16}\\b(unripe|underripe|under-ripe|hard|green|not ripe)\\b",
            "(?<!not )\\b(ripe|soft|sweet|yellow)\\b[^.;:]{0,16}\\bmango|(?<!not )\\b(ripe|sweet|soft|yellow) (ones?|kind)\\b|\\bmango\\w*\\b[^.;:]{0,16}(?<!not )\\b(ripe|soft)\\b"),
    RIPE_TOMATO(
            "tomato",
            List.of("tomato, green"),
            ".*",
            "\\b(ripe|red) (tomato(es)?|ones)\\b",
            "\\bgreen\\b[^.;]{0,40}\\b(ripe|red)\\b|\\b(ripe|red)\\b[^.;]{0,40}\\bgreen\\b"),
    DRY_BEAN(
            "beans, dry",
            List.of("green bean"),
            "([\\d ./½¼¾⅓⅔-]+ ?[a-z]+\\.? (of )?)?((the|my) )?beans?",
            Soaking.OVERNIGHT
                    + "|(?<=[.;:!,(] ?)\\b(navy|navies|pintos?|great northerns?|cannellini|kidneys?|dried|dry)\\b(?=[.;:!,)])|\\b(kidney|pinto|navy|great northern|cannellini|dry|dried) beans?\\b",
            "\\b(green|snap|string|wax|pole|runner|french) beans?\\b"),
    DRY_LIMA(
            "beans, dry",
            List.of("lima bean, fresh", "green pea"),
            ".*",
            "(?<=[.;:!,(] ?)(dried|dry|split)\\b(?= ?[.;:!,)])|" + Soaking.OVERNIGHT,
            "\\b(fresh|shell(ed|ing)|english|garden|in the pods?|picked)\\b"),
    CURED(
            "ham, cured",
            List.of("pork"),
            "((cured|smoked|country|city|baked|leftover|cooked|cubed|diced) )*hams?",
            "\\bhams?\\b",
            "\\bfresh hams?\\b"),
    ASIAN_PEAR(
            "asian pear",
            List.of("pear"),
            ".*",
            "\\b(asian pears?|pears?[ ,:;(–-]+(the |all |mostly )?(asian|oriental|nashi)|(asian|oriental)[- ]?(style|type|variety)? pears?|asian (ones?|kinds?|sorts?|variety|varieties|types?)|nashis?|apple[- ]pears?)\\b",
            "(?!)");

    /** "Never the white ones", "do not use white-flesh peaches". */
    private static final Cue REFUSED = Cue.of(
            "\\b(not|never|no|avoid|\\w+n't)\\b( \\w+){0,2} $|\\b(not|never|\\w+n't) use (this|these) (process|recipe|method|time)s?\\b[^.;]{0,24}$");

    /** "I sorted out the white ones and we ate them". */
    private static final Cue SORTED_OUT =
            Cue.of("\\b(sorted|picked|culled|pulled|took|set|kept|left)( out| aside)? (all )?(the |any |those )?$");

    private static final Cue EATEN = Cue.of(
            "( (ones|kind|sort|peaches|pears))?( (out|aside)(?= ?([.;]|$))|( (out|aside))?,? (and|to) ((we|i|they) )?(ate|eat|gave|give|froze|freeze|sold|threw|fed|dried)\\b)");

    private static final int REACH = 60;

    /** Nobody soaks a bean that was picked green. */
    private static final class Soaking {
        static final String OVERNIGHT =
                "\\bsoak(ed|ing)? (them )?(overnight|all night|\\d+ ?(to \\d+ )?(hours|hrs?)|for \\w+ hours)|\\b(after|overnight) (a )?soak(ing)?\\b";
    }

    private final String food;
    private final List<String> of;
    /** How the food must be called in the text, in small letters. */
    private final Pattern words;

    private final Cue told;
    /** What says that it is another kind, or both. */
    private final Cue unless;

    Variety(String food, List<String> of, String words, String told, String unless) {
        this.food = food;
        this.of = of;
        this.words = Pattern.compile(words);
        this.told = Cue.of(told);
        this.unless = Cue.of(unless);
    }

    static void settle(String text, Draft draft, GuideSnapshot guide) {
        String low = Folded.of(text, new Range(0, text.length()));
        for (Variety variety : values()) {
            boolean named = Stream.concat(
                            draft.titleFoods.stream(),
                            draft.ingredients.stream().map(Ingredient::food))
                    .map(Food::name)
                    .anyMatch(variety.of::contains);
            if (named && variety.isTold(low)) {
                draft.ingredients.replaceAll(i -> variety.of.contains(i.food().name())
                                && variety.words.matcher(i.range().of(low)).matches()
                        ? i.withFood(guide.food(variety.food))
                        : i);
                draft.titleFoods.replaceAll(f -> variety.of.contains(f.name()) ? guide.food(variety.food) : f);
            }
        }
    }

    private boolean isTold(String low) {
        return !unless.matcher(low).find()
                && told.matcher(low).results().anyMatch(kind -> {
                    String before = low.substring(Math.max(0, kind.start() - REACH), kind.start());
                    boolean eaten = SORTED_OUT.in(before)
                            && EATEN.matcher(low)
                                    .region(kind.end(), low.length())
                                    .lookingAt();
                    return !eaten && !REFUSED.in(before);
                });
    }
}
