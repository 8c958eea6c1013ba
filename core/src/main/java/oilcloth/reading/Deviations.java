package oilcloth.reading;

import java.util.regex.Pattern;
import oilcloth.recipe.Unread;

/**
 * Remarks that take back part of the recipe: "I replaced two cups of the vinegar", "I only ran 15 minutes". What they
 * change is seldom said in a way that can be read as a figure, and a tested recipe with such a remark behind it is not the
 * tested recipe: they are asked about.
 */
final class Deviations {
    private static final String MATTERS =
            "(vinegar|lemon|lime|acid|citric|time|times|minutes?|mins?|pressure|pounds?|weight|gauge|dial|steam|vent|brine|vegetables|peppers?|onions?|corn|beans|garlic|celery|water|process\\w*|bath|canner)";

    /** Said of the vinegar, the time, the pressure or the vegetables it is a change, whatever else is read in it. */
    private static final Pattern CHANGED = Pattern.compile(
            "\\b(replac(e|ed|ing)|swap(s|ped|ping)?|subbed|substitut(e|ed|es|ing)|trad(e|ed)|switch(ed)?)\\b[^.;]{0,40}\\b"
                    + MATTERS + "\\b"
                    + "|\\b(cut|cuts|reduced?|shorten(ed)?|halved?|lower(ed)?|dropped) (back |down )?(on )?(the |my |that |its |all )?"
                    + MATTERS
                    + "\\b(?! (from|off|into|in|with|on) (the )?(cob|end|ends|jar|jars))"
                    + "|\\b(half|third|quarter|part) (that|of that|of the|the) (vinegar|lemon|acid|time|minutes|juice|pressure)\\b"
                    + "|\\b(doubl(e|ed|ing)|tripl(e|ed|ing)) (up )?(on )?(the |my |that )?(vegetables|veggies|peppers?|onions?|corn|beans|garlic|celery|water|tomatoes|zucchini)\\b"
                    + "|\\b(took|take|takes|knock(ed)?|shav(e|ed)) [^.;]{0,20}\\bminutes? off\\b"
                    + "|\\b(left|leave|leaving|skip(ped)?|omit(ted)?|forgot) (out )?(of )?(the |my |any )?(vinegar|lemon|acid|citric|vent\\w*|steam)\\b"
                    + "|\\bleft [^.;]{0,20}\\b(vinegar|lemon|acid|citric)\\b[^.;]{0,10}\\bout\\b"
                    + "|\\b(thin|thinned|dilut\\w*|stretch\\w*|water(ed)? down)\\b[^.;]{0,30}\\b(vinegar|lemon|juice|brine|acid)\\b"
                    + "|\\bno (heat|bath|water ?bath|processing)\\b"
                    + "|\\bless (vinegar|lemon|acid|time|pressure|minutes|than (it|the|they|that))\\b"
                    + "|\\b(vinegar|lemon|acid|brine)\\b[^.;]{0,24}\\btoo (sour|strong|sharp|tart)\\b");

    /** A change only where nobody could read what it says. */
    private static final Pattern ODD = Pattern.compile(
            "\\b(only|early|sooner|stopped|quit|slipped|sank|would ?n[o']t|could ?n[o']t|ran out|hurry|hurried|rush(ed)?|shortcut|cheat(ed)?|instead|last (batch|load|few|one|ones|three|two)|cold when|wet (rags?|towels?|cloths?))\\b[^.;]*\\b"
                    + "(jars?|lids?|" + MATTERS.substring(1)
                    + "\\b|\\b(jars?|lids?|" + MATTERS.substring(1)
                    + "\\b[^.;]*\\b(only|early|sooner|stopped|quit|slipped|sank|would ?n[o']t|could ?n[o']t|ran out|cold when|instead|(for|in|of) the last (batch|load|few|one|ones|three|two))\\b"
                    + "|\\b[1-4](\\.\\d)? ?(%|per ?cent)");

    private Deviations() {}

    /** Counts what has been read so far, so that {@link #read} can tell whether a sentence said anything. */
    static int said(Draft draft) {
        return draft.facts.times().size()
                + draft.facts.pressures().size()
                + draft.facts.methods().size()
                + draft.facts.jars().size()
                + draft.practices.size()
                + draft.ingredients.size()
                + (int) draft.unread.stream().filter(Unread::bears).count()
                + (draft.facts.openKettle().isPresent() ? 1 : 0)
                + (draft.facts.pressureDropped().isPresent() ? 1 : 0)
                + (draft.facts.vented().isPresent() ? 1 : 0)
                + (draft.facts.headspace().isPresent() ? 1 : 0)
                + (draft.facts.altitude().isPresent() ? 1 : 0);
    }

    /** @param before what {@link #said} counted before the sentence was read */
    static void read(Sentence s, Draft draft, int before) {
        s.find(CHANGED)
                .or(() -> said(draft) == before ? s.find(ODD) : java.util.Optional.empty())
                .ifPresent(r -> draft.unread.add(new Unread(r, true)));
    }
}
