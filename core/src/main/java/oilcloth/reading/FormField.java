package oilcloth.reading;

import java.util.Optional;
import oilcloth.measure.Altitude;
import oilcloth.measure.Minutes;
import oilcloth.measure.Pressure;
import oilcloth.recipe.CanningMethod;
import oilcloth.recipe.Fact;
import oilcloth.recipe.ProcessTime;
import oilcloth.recipe.Yield;
import oilcloth.text.Cue;
import oilcloth.text.Range;

/** A line of a form: what it is stands before the colon, so that a bare figure behind it is enough. */
final class FormField {
    private static final Cue FIELD = Cue.of("^([a-z][a-z .()/]{1,28}?) ?(?::|=| [-–—]) ?(?=[\\d½¼¾])");
    /** "time 40", "vent 10", "elev 1180": a line of a log, without its colon. */
    private static final Cue BARE_FIELD = Cue.of(
            "^((process |processing |canning )?time|vent(ed|ing)?|headspace|hs|elev(ation)?|alt(itude)?|psi|pressure|jars|yield|made) (?=[\\d½¼¾])");

    /** "Vented: yes, 10." */
    private static final Cue VENTED_YES = Cue.of(
            "(vent(?:ed|ing)?|exhaust(?:ed)?)(?: first)? ?[:=–-] ?(?:yes|y|yep|done),? ?(\\d{1,2}|ten)(?: ?min\\w*)?[.!]?");

    private static final Cue VENT = Cue.of("vent(ed|ing)?|exhaust(ed)?");

    private static final Cue TIME = Cue.of(
            "how long|timer|clock|((process|processing|canning|canner) )?(time|minutes|mins?)( (in|at|of|for|used)\\b.*)?( \\(?min\\w*\\)?)?");
    /** "Time in boiling water: 30 minutes". */
    private static final Cue IN_WATER = Cue.of("\\b(boiling[- ]water|water[- ]?bath|bwb|boiling bath)\\b");

    private static final Cue PRESSURE = Cue.of(
            "psi|(psi|lbs?\\.?|pounds?)( of)? pressure|pressure( used| reading)?( \\(?(psi|lbs?|pounds)\\.?\\)?)?");
    private static final Cue ALTITUDE =
            Cue.of("(my |our )?(altitude|elevation|elev\\.?|alt\\.?)( \\(?(in )?(ft|feet|m|metres|meters)\\.?\\)?)?");
    /** What an altitude may be told in; of kilometres or miles another reader knows. */
    private static final Cue OF_HEIGHT = Cue.of("|(ft|feet|foot|'|m|metres?|meters?|above|up|here|asl|masl|in)( .*)?");

    private static final Cue METRES = Cue.of("\\b(m|metres?|meters?)\\b");

    /** "Method: boiling water", where the words by themselves could be what the jars are filled with. */
    private static final Cue BATH = Cue.of(
            "((canning |processing )?(method|process|canner)( used)?|canner type|type of canner|processed (in|by)) ?(:|=|[-–—]) ?(boiling|boiling[- ]water|bw)\\.?");

    /** "V 10 min. P 30 min.": vented, and processed. */
    private static final Cue BRIEF = Cue.of("([vp]):? (\\d{1,3}) ?m(in|ins|inutes)?\\.?");

    private static final Cue YIELD =
            Cue.of("serves|makes|yields?|quantity|results?|count|total|jars|got|number( of jars)?");

    private static final int LONGEST_PROCESS = 600;
    private static final int MOST_PSI = 30;

    private FormField() {}

    /** "Serves: 7 qts." */
    private static boolean jars(Sentence value, Numbers.Figure f, Draft draft) {
        Optional<JarMentions.Found> jar = JarMentions.at(value, JarCounts.behindTheMouth(value, f.next()));
        jar.ifPresent(j -> {
            draft.facts.jars().add(Fact.read(j.jar(), value.span(f.next(), j.next())));
            if (draft.facts.yield().isEmpty()) {
                draft.facts.yield(Fact.read(new Yield(f.low(), f.high(), j.jar()), value.span(0, j.next())));
            }
        });
        return jar.isPresent();
    }

    /** @return whether the line is such a field and has been read; the value must end it but for its unit */
    static boolean read(String text, Range line, Draft draft) {
        String low = line.of(text).toLowerCase(java.util.Locale.ROOT);
        if (BATH.is(low)) {
            draft.facts.methods().add(Fact.read(CanningMethod.BOILING_WATER, line));
            return true;
        }
        var brief = BRIEF.matcher(low);
        if (brief.matches()) {
            int minutes = Integer.parseInt(brief.group(2));
            if (brief.group(1).equals("v")) {
                draft.tellVented(minutes >= Venting.LEAST_MINUTES, line);
            } else {
                draft.facts
                        .times()
                        .add(Fact.read(
                                new ProcessTime(Minutes.of(minutes), Minutes.of(minutes), Optional.empty()), line));
            }
            return true;
        }
        var vented = VENTED_YES.matcher(low);
        if (vented.matches()) {
            draft.tellVented(
                    vented.group(2).equals("ten") || Integer.parseInt(vented.group(2)) >= Venting.LEAST_MINUTES, line);
            return true;
        }
        var field = FIELD.matcher(low);
        if (!field.find()) {
            field = BARE_FIELD.matcher(low);
            if (!field.find()) {
                return false;
            }
        }
        Sentence value = new Sentence(text, new Range(line.start() + field.end(), line.end()), false);
        Optional<Numbers.Figure> figure = value.size() == 0 ? Optional.empty() : Numbers.at(value.tokens(), 0);
        if (figure.isEmpty()
                || value.size() - JarCounts.behindTheMouth(value, figure.get().next()) > 2) {
            return false;
        }
        String label = field.group(1).strip();
        Numbers.Figure f = figure.get();
        String unit = value.around(f.next(), 0, 2).replace(".", "").strip();
        if (TIME.is(label)) {
            if (IN_WATER.in(label)) {
                draft.facts.methods().add(Fact.read(CanningMethod.BOILING_WATER, line));
            }
            return time(value, f, unit, draft);
        }
        if (VENT.is(label) && (unit.isEmpty() || TimeWords.MINUTE.contains(unit))) {
            draft.tellVented(f.low() >= Venting.LEAST_MINUTES, line);
            return true;
        }
        if (YIELD.is(label)) {
            return jars(value, f, draft);
        }
        if (PRESSURE.is(label) && f.high() <= MOST_PSI && !TimeWords.MINUTE.contains(unit)) {
            draft.facts.pressures().add(Fact.read(Pressure.ofPsi(f.low()), value.span(0, f.next())));
            return true;
        }
        if (ALTITUDE.is(label) && f.high() <= Altitude.HIGHEST_FEET && OF_HEIGHT.is(unit)) {
            boolean metres = METRES.in(label + " " + unit);
            Altitude altitude = metres ? Altitude.ofMetres(f.high()) : Altitude.ofFeet((int) Math.ceil(f.high()));
            UnsureHeight.label(altitude, value.span(0, f.next()), draft);
            return true;
        }
        return false;
    }

    private static boolean time(Sentence value, Numbers.Figure f, String unit, Draft draft) {
        boolean minutes = unit.isEmpty() || TimeWords.MINUTE.contains(unit);
        if (!minutes || f.low() < 1 || f.high() > LONGEST_PROCESS) {
            return false;
        }
        ProcessTime time = new ProcessTime(
                Minutes.of((int) Math.floor(f.low())), Minutes.of((int) Math.ceil(f.high())), Optional.empty());
        draft.facts.times().add(Fact.read(time, value.span(0, f.next())));
        return true;
    }
}
