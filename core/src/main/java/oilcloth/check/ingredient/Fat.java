package oilcloth.check.ingredient;

import java.util.Set;
import oilcloth.check.Check;
import oilcloth.check.CheckInfo;
import oilcloth.check.Finding;
import oilcloth.check.Findings;
import oilcloth.check.Severity;
import oilcloth.check.Subject;
import oilcloth.guide.FoodClass;
import oilcloth.recipe.Facts;
import oilcloth.text.Cue;

/** Fat or oil in a canned product. */
public final class Fat implements Check {
    private static final CheckInfo INFO = new CheckInfo(
            "ingredient.fat",
            "Fat or oil in a canned product",
            "Fat shields spores from heat and acid, and can creep under the lid.",
            "Guide 1");

    @Override
    public CheckInfo info() {
        return INFO;
    }

    /** "Did not drain it", "with the fat left on". */
    private static final Cue LEFT = Cue.of(
            "\\b(didn'?t|did not|don'?t|do not|never|without|no need to) (bother (to |with )?)?(drain|skim|trim)(ming|ning|ing)?( off| away)?( (the|any|its|that|all the))? ?(fat|grease)\\b|\\b(didn'?t|did not|don'?t|do not|never|without) (bother (to |with )?)?drain(ing)?( it| the meat)?\\b(?=[^.;]{0,30}\\bfat\\b)|\\bfat (is |was |all )?left (in|on)\\b|\\b(leave|leaves|left|leaving|keep|keeps|kept|keeping) (all )?(the|its|their) fat( in| on)?\\b|\\bfat and all\\b"
                    + "|\\b(cover|covered|covering|top|topped|pack|packed|fill|filled)\\b((?!brown|fry|fried)[^.;]){0,40}?\\b(in|with|by|and) (the |its |their |own |some |all |hot |melted |boiling |meat |pan |juices and )*(rendered |bacon |duck |goose |chicken |pork |beef )?(fat|grease|drippings|tallow|schmaltz)\\b(?! (off|skimmed|trimmed|removed|drained|taken|cut|poured|and gristle|away|was|were|came|comes|rose|lifted|strained|out|gone))(?=[^.;]{0,60}\\b(inch|headspace|jars?|pints?|quarts?)\\b|[,.]|$)");

    /** Butter against the foam of jam: half a teaspoon is tested, more is untested rather than dangerous. */
    private static boolean isFoamButter(Subject s) {
        boolean jam = s.kind().isAcid()
                && Facts.values(s.facts().forms()).stream().anyMatch(f -> f.equals("jam") || f.equals("jelly"));
        return jam
                && s.recipe().inJar().stream()
                        .map(i -> i.food())
                        .filter(f -> f.kind() == FoodClass.FAT)
                        .allMatch(f -> f.name().equals("butter"));
    }

    @Override
    public void look(Subject s, Findings out) {
        Severity severity = isFoamButter(s) ? Severity.CORRECT : Severity.DANGER;
        UnlistedFood.each(s, INFO, Set.of(FoodClass.FAT), Set.of("coconut", "bacon"), severity, out);
        UnlistedFood.raised(s, INFO, Set.of(FoodClass.FAT), severity, out);
        if (s.produce().hasMeat()) {
            s.said()
                    .anywhere(LEFT)
                    .ifPresent(r -> out.add(Finding.of(INFO.code(), "left", Severity.DANGER, s.cite("Guide 5"))
                            .at(r)
                            .fix()));
        }
    }
}
