package oilcloth.reading;

import java.util.Locale;
import java.util.Optional;
import java.util.regex.Matcher;
import oilcloth.measure.Headspace;
import oilcloth.recipe.CanningMethod;
import oilcloth.recipe.Fact;
import oilcloth.recipe.HeadspaceStated;
import oilcloth.text.Cue;
import oilcloth.text.Range;

/** A line of a form answered in a word: "Vented: no", "Headspace: none", "Canner: oven", "Lids: reused". */
final class FormAnswer {
    private static final Cue FIELD = Cue.of("^[-*• ]*([a-z][a-z /()'-]{1,30}?) ?[:?=] *([^:]{1,40}?)[.!]?$");

    private static final Cue NO = Cue.of(
            "(no|none|never|nil|n/?a|not? (needed|applicable|done|used|at all|vented|peeled|covered)|nope|skipped|skip|omitted|left out|did ?n[o']t|did not|0|zero|-+)( .{0,24})?");

    private static final Cue UNKNOWN = Cue.of(
            "(\\?+|unknown|unsure|not (sure|known|certain|recorded|timed|measured|checked)|(i )?(don'?t|do not|can'?t|cannot) (know|remember|recall|say)|forgot|varies|varied|vary|any|whatever|depends|by (eye|feel|guess)|eyeballed|guess\\w*|to taste|until \\w+)( .{0,24})?");

    private static final Cue VENT = Cue.of("(vent(ed|ing)?|exhaust(ed|ing)?)\\b.*");
    private static final Cue HEADSPACE = Cue.of("head ?(space|room)\\b.*");
    private static final Cue CANNER = Cue.of(
            "((canning |processing )?(canner|method|equipment)|process(ed|ing)?( (in|by|method))?)( (type|used|kind))?|type of canner|how processed");
    private static final Cue LIDS = Cue.of("(lids?|closures?|seals?|caps?)( (used|type|kind|and bands))?");
    private static final Cue MUST_BE = Cue.of(
            "(liquid|acid|lemon( juice)?|citric( acid)?|vinegar|acid added|peeled|skins? removed|bones removed|soaked|processed|heated|boiled|covered|cooked|drained|pressure|process(ing)? time|time|pack|jars?( size)?)\\b.*");

    private static final Cue KNOWN_CANNER = Cue.of(
            "\\b(pressure|boil\\w*|water|bath|bwb|bwc|bw|wb|hwb|steam\\w*|dial|weight\\w*|gauge|psi|pc|canner|raw|hot|cold|open kettle|invert\\w*|\\d+)\\b");
    private static final Cue BATH =
            Cue.of("(boiling|water ?bath|boiling[- ]water|bwb|bwc|hot water|steam|atmospheric)\\b.*");
    /** Reused ones a check speaks of. */
    private static final Cue NO_LIDS = Cue.of("\\b(wax|paraffin|zinc|rubber|glass|plastic|foil|cellophane|cloth)\\b");

    /** Words; "Method: trim the okra, leave the caps" tells steps. */
    private static final int LONGEST_NAME = 3;

    private FormAnswer() {}

    /** @return whether the line is such an answer and has been heard */
    static boolean read(String text, Range line, Draft draft) {
        Matcher field = FIELD.matcher(line.of(text).toLowerCase(Locale.ROOT).strip());
        if (!field.matches()) {
            return false;
        }
        String label = field.group(1).strip();
        String value = field.group(2).strip();
        boolean no = NO.is(value);
        boolean unknown = UNKNOWN.is(value);
        if (VENT.is(label) && no) {
            draft.tellVented(false, line);
            return true;
        }
        if (HEADSPACE.is(label) && no) {
            draft.facts.headspace(
                    Fact.read(new HeadspaceStated(Headspace.ofInches(0), Headspace.ofInches(0), false), line));
            return true;
        }
        if (CANNER.is(label)) {
            return canner(value, line, draft);
        }
        boolean asked = (no || unknown) && (MUST_BE.is(label) || VENT.is(label)) || LIDS.is(label) && NO_LIDS.in(value);
        if (asked) {
            draft.doubt(line);
        }
        return asked;
    }

    private static boolean canner(String value, Range line, Draft draft) {
        boolean steps = value.split(" ").length > LONGEST_NAME || value.indexOf(',') >= 0;
        if (!KNOWN_CANNER.in(value) && !steps) {
            draft.doubt(line);
            return true;
        }
        if (BATH.is(value)) {
            draft.bathField = Optional.of(line);
        }
        return false;
    }

    /** A form that names the bath, and pounds beside it: nobody knows which canner it was. */
    static void settle(Draft draft) {
        boolean pressure = !draft.facts.pressures().isEmpty()
                || draft.facts.methods().stream().anyMatch(m -> m.value() == CanningMethod.PRESSURE);
        draft.bathField.filter(r -> pressure).ifPresent(draft::doubt);
    }
}
