package oilcloth.reading;

import java.util.Locale;
import java.util.Optional;
import oilcloth.measure.Pressure;
import oilcloth.recipe.Fact;
import oilcloth.text.Cue;
import oilcloth.text.Range;

/** "The gauge bounced between 11 and 12": the lower of the two is a pressure of the process as any other. */
final class PressureSwing {
    private static final String POUNDS =
            "(\\d{1,2}|five|six|seven|eight|nine|ten|eleven|twelve|thirteen|fourteen|fifteen)";

    private static final Cue SWINGS = Cue.of(
            "\\b(gauge|needle|dial|pressure|it) (\\w+ )?(bounces?|bounced|bobbed|wobble[sd]?|wavered|moved|went|stay(s|ed)|varie[sd]|range[sd]|ran|runs|hovered|held|swung|swings|floated|drifted|drifts|wandered|wanders|crept|sat|kept|was)( \\w+){0,2} (between|from|around|at) (about )?"
                    + POUNDS + " ?(pounds|lbs?|psi|#)? ?(and|to|or) (about )?" + POUNDS
                    + "\\b(?! ?(min|hour|degree|quart|pint|jar))");

    private PressureSwing() {}

    /** Whether it was read here as a pressure. */
    static boolean isTold(Sentence s, Draft draft) {
        return s.has(SWINGS)
                && draft.facts.pressures().stream()
                        .anyMatch(p -> p.range().filter(s.range()::contains).isPresent());
    }

    static void read(Sentence s, Draft draft) {
        Optional<Range> swings = s.findAny(SWINGS);
        boolean told = draft.facts.gauge().isPresent()
                || draft.facts.vented().isPresent()
                || !draft.facts.pressures().isEmpty();
        // "it" may be anything before the canner is spoken of
        if (swings.isEmpty()
                || !told && swings.get().of(s.whole()).toLowerCase(Locale.ROOT).startsWith("it ")) {
            return;
        }
        double least = Double.MAX_VALUE;
        for (int i = s.first(swings.get()); i < s.size(); i++) {
            Optional<Numbers.Figure> f = Numbers.at(s.tokens(), i);
            if (f.isPresent() && swings.get().contains(s.token(i).range())) {
                least = Math.min(least, f.get().low());
                s.claim(i, f.get().next());
            }
        }
        draft.facts.pressures().add(Fact.read(Pressure.ofPsi(least), swings.get()));
    }
}
