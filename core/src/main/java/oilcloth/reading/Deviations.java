package oilcloth.reading;

import java.util.Optional;
import java.util.regex.Pattern;
import oilcloth.recipe.Unread;
import oilcloth.text.Range;

/**
 * Remarks that take back part of the recipe: "I replaced two cups of the vinegar", "I only ran 15 minutes". What they
 * change is seldom said in a way that can be read as a figure, and a tested recipe with such a remark behind it is not the
 * tested recipe: they are asked about.
 */
final class Deviations {
    private static final String MATTER =
            "vinegar|lemon|lime|acid|citric|time|times|minutes?|mins?|pressure|pounds?|weight|gauge|dial|steam|vent|brine|vegetables|peppers?|onions?|corn|beans|garlic|celery|water|process\\w*|bath|canner";
    private static final String MATTERS = "(" + MATTER + ")";

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
                    + "|\\b(ran|run|boiled|boils|went) dry\\b|\\boff the boil\\b|\\b(stopped|quit|lost) (boiling|the boil|its boil)\\b"
                    + "|\\b(power|electricity|gas) (went|was|cut|failed|quit|ran) (out|off)?\\b|\\bpower (cut|outage|failure)\\b"
                    + "|\\bthicken(s|ed|ing)?\\b[^.;]*\\bwith\\b"
                    + "|\\b(light|heavy|easy|short) on (the )?(vinegar|lemon|acid|water|vegetables|peppers|onions)\\b"
                    + "|\\b(vinegar|lemon|brine)\\b[^.;]{0,16}\\b(cut|mixed|blended|stretched) with\\b"
                    + "|\\bmore (peppers?|onions?|corn|beans|garlic|celery|vegetables|veggies)\\b[^.;]*\\b(double|twice|half again|extra)\\b"
                    + "|\\bno (heat|bath|water ?bath|processing)\\b"
                    + "|\\bless (vinegar|lemon|acid|time|pressure|minutes|than (it|the|they|that))\\b"
                    + "|\\b(vinegar|lemon|acid|brine)\\b[^.;]{0,24}\\btoo (sour|strong|sharp|tart)\\b");

    /** A change only where nobody could read what it says. */
    private static final Pattern ODD = Pattern.compile(
            "\\b(only|early|sooner|stopped|quit|slipped|sank|would ?n[o']t|could ?n[o']t|ran out|hurry|hurried|rush(ed)?|shortcut|cheat(ed)?|instead|last (batch|load|few|one|ones|three|two)|cold when|wet (rags?|towels?|cloths?))\\b[^.;]*\\b"
                    + "(jars?|lids?|" + MATTER + ")"
                    + "\\b|\\b(jars?|lids?|" + MATTER + ")"
                    + "\\b[^.;]*\\b(only|early|sooner|stopped|quit|slipped|sank|would ?n[o']t|could ?n[o']t|ran out|cold when|instead|(for|in|of) the last (batch|load|few|one|ones|three|two))\\b"
                    + "|\\b[1-4](\\.\\d)? ?(%|per ?cent)");

    /** Somebody tells what happened, once the time in the canner has been told. */
    private static final Pattern TOLD = Pattern.compile(
            "\\b(i|we|it|they|some jars|the (old )?(canner|water|burner|power|gauge|stove|weight|pot|pan|jars|vinegar|liquid))\\b");

    private static final Pattern OF_THE_CANNER = Pattern.compile(
            "\\b(canner|cooker|burner|power|stove|boil\\w*|gauge|weight|pressure|pounds|minutes?|load|filled|jars?|quarts?|pints?|"
                    + "ran (them|it)|(at|after|only) (ten|fifteen|twenty|thirty|forty|fifty|\\d+))\\b");

    /** Steps everybody takes, and talk about the family and the garden. */
    private static final Pattern HARMLESS = Pattern.compile(
            "\\b(wash\\w*|wip\\w+|rins\\w+|dry|dried|cool\\w*|wait\\w*|rest\\w*|turn\\w* off|lift\\w*|label\\w*|dat(e|ed)|stor\\w+|shelf|shelves|pantry|cellar"
                    + "|check\\w*|seal\\w*|ping\\w*|pop\\w*|lov\\w+|lik(e|es|ed)|favou?rites?|tast\\w+|grand\\w+|gran|mother|mom|mama|aunt\\w*|family|neighbou?rs?|sister"
                    + "|years?|eat|ate|eaten|gifts?|gave|give|fair|church|garden|grew|grow|picked|bought|market|clean\\w*|mouth|lids?|rings?|bands?|bubbles?|rims?"
                    + "|headspace|makes?|made|yields?|enough|thanks?|thank|questions?|ok|okay|safe|right|wrong|how|why|what|should|could|can i|do i|wonder\\w*|worried|hope"
                    + "|book|guide|extension|altitude|feet|elevation|town|county|lower\\w*|load(ed)? the|plac\\w+|set|bring|heat\\w*|vent\\w*|tested|good|fine|fun|busy|proud|beautiful|pretty|always|day|weekend|hours?)\\b");

    private static final Pattern ACID = Pattern.compile("\\b(vinegar|lemons?|limes?|citric)\\b");
    private static final Pattern COOKED = Pattern.compile(
            "\\b(boil|bring|heat|simmer|pour|mix|combine|stir|dissolve|cover|add|strain|measure|put)\\w*\\b");

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
        Optional<Range> odd = s.find(CHANGED);
        if (odd.isEmpty() && said(draft) == before) {
            odd = s.find(ODD).or(() -> told(s, draft));
        }
        odd.ifPresent(r -> draft.unread.add(new Unread(r, true)));
    }

    /** "The water went off the boil", "I use limes off the tree": after the recipe, and nothing in it was understood. */
    private static Optional<Range> told(Sentence s, Draft draft) {
        if (draft.facts.times().isEmpty() || !s.has(TOLD)) {
            return Optional.empty();
        }
        if (s.has(ACID) && !s.has(COOKED)) {
            return s.findAny(ACID);
        }
        return s.has(HARMLESS) ? Optional.empty() : s.findAny(OF_THE_CANNER);
    }
}
