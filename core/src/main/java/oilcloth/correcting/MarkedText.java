package oilcloth.correcting;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import oilcloth.check.Message;
import oilcloth.check.Messages;
import oilcloth.measure.Fractions;
import oilcloth.measure.JarSize;
import oilcloth.measure.Minutes;
import oilcloth.recipe.CanningMethod;
import oilcloth.recipe.Edit;
import oilcloth.recipe.Fact;
import oilcloth.recipe.Facts;
import oilcloth.recipe.Follow;
import oilcloth.recipe.Ingredient;
import oilcloth.recipe.Recipe;
import oilcloth.text.Range;

/**
 * The canner's text with the edits marked: what is kept, what is struck, what is put in. What is put in is worded so that
 * the corrected text by itself reads as the corrected recipe.
 */
public record MarkedText(List<Piece> pieces) {
    /** What became of a piece of text. */
    public enum Mark {
        KEPT,
        STRUCK,
        ADDED;

        public String id() {
            return name().toLowerCase(java.util.Locale.ROOT);
        }
    }

    /** A run of text. */
    public record Piece(Mark mark, String text) {}

    public MarkedText {
        pieces = List.copyOf(pieces);
    }

    /** @param recipe as reviewed, before any edit */
    public static MarkedText of(Recipe recipe, List<Edit> edits) {
        Writer writer = new Writer(recipe);
        edits.forEach(writer::write);
        return new MarkedText(writer.pieces());
    }

    static String step(Follow e) {
        return Messages.english().say(Message.of("step.follow." + e.step().id() + "." + e.value()));
    }

    /** The corrected text alone. */
    public String plain() {
        StringBuilder plain = new StringBuilder();
        for (Piece piece : pieces) {
            if (piece.mark() != Mark.STRUCK) {
                plain.append(piece.text());
            }
        }
        return plain.toString()
                .replaceAll("(?m)^[ \\t]*[-*•][ \\t]*$\\n?", "")
                .replaceAll("\\n{3,}", "\n\n")
                .strip();
    }

    private static final class Writer {
        private final Recipe recipe;
        /** By their start; no two overlap. */
        private final TreeMap<Integer, Range> struck = new TreeMap<>();

        private final Map<Range, String> put = new java.util.HashMap<>();
        private final List<String> steps = new ArrayList<>();

        Writer(Recipe recipe) {
            this.recipe = recipe;
        }

        private static String say(String id, Object... args) {
            Map<String, Object> values = new java.util.HashMap<>();
            for (int i = 0; i < args.length; i += 2) {
                values.put((String) args[i], args[i + 1]);
            }
            return Messages.english().say(new Message("step." + id, values));
        }

        void write(Edit edit) {
            Facts f = recipe.facts();
            if (edit instanceof Edit.SetMinutes e) {
                minutes(f, e.minutes());
            } else if (edit instanceof Edit.SetProcess e) {
                method(f, e.method());
                e.minutes().ifPresent(m -> minutes(f, m));
            } else if (edit instanceof Edit.SetPressure e) {
                figure(f.pressures(), pounds(e) + " pounds pressure", say("pressure", "psi", pounds(e)));
            } else if (edit instanceof Edit.SetHeadspace e) {
                String inches = Fractions.format(e.headspace().inches());
                figure(f.headspace().stream().toList(), inches + " inch headspace", say("headspace", "inches", inches));
            } else if (edit instanceof Edit.SetJar e) {
                jars(f, e.jar());
            } else if (edit instanceof Edit.SetMethod e) {
                method(f, e.method());
            } else if (edit instanceof Edit.AddAcidPerJar e) {
                acid(e);
            } else if (edit instanceof Edit.AddIngredient e) {
                steps.add(say("add", "what", Words.of(e.amount(), e.food())));
            } else if (edit instanceof Edit.SetIngredient e) {
                replace(e.at(), ingredient(e));
            } else if (edit instanceof Edit.Remove e) {
                strike(whole(e.at()));
            } else if (edit instanceof Edit.LeaveOff e) {
                strike(e.at());
            } else if (edit instanceof Follow e) {
                steps.add(step(e));
            }
        }

        private void minutes(Facts f, Minutes minutes) {
            figure(f.times(), minutes.value() + " minutes", say("minutes", "minutes", minutes.value()));
        }

        private static String pounds(Edit.SetPressure e) {
            return Fractions.format(e.pressure().psi());
        }

        /** In the place of the first time it is said; further mentions are struck, or none would be believed. */
        private void figure(List<? extends Fact<?>> facts, String words, String otherwise) {
            List<Range> said = facts.stream()
                    .flatMap(t -> t.range().stream())
                    .filter(r -> r.end() > r.start())
                    .sorted(Comparator.comparingInt(Range::start))
                    .toList();
            if (said.isEmpty()) {
                steps.add(otherwise);
                return;
            }
            boolean unit = UNIT.matcher(said.get(0).of(recipe.text())).find();
            if (unit) {
                replace(said.get(0), words);
            } else {
                // "so I figured 27": the figure is no sentence to mend
                strike(Clauses.around(recipe, said.get(0)));
                steps.add(otherwise);
            }
            said.stream().skip(1).forEach(r -> strike(Clauses.around(recipe, r)));
        }

        private static final Pattern UNIT = Pattern.compile(
                "(?i)(min|hour|hr|psi|pound|lb|#|inch|in\\b|\"|\u201d|\u2033|head|rim|brim|top|thread|neck|cm|mm)");

        private void jars(Facts f, JarSize jar) {
            List<Range> said =
                    f.jars().stream().flatMap(t -> t.range().stream()).toList();
            if (said.isEmpty()) {
                steps.add(say("jar", "jar", jar.label()));
            }
            said.forEach(r -> {
                boolean many =
                        r.of(recipe.text()).toLowerCase(java.util.Locale.ROOT).matches(".*(s|jars)$");
                boolean jars =
                        r.of(recipe.text()).toLowerCase(java.util.Locale.ROOT).contains("jar");
                replace(r, jar.label() + (jars ? many ? " jars" : " jar" : many ? "s" : ""));
            });
        }

        private void method(Facts f, CanningMethod method) {
            f.openKettle().flatMap(Fact::range).ifPresent(this::strike);
            List<Range> said = f.methods().stream()
                    .filter(m -> m.value() != method)
                    .flatMap(t -> t.range().stream())
                    .flatMap(r -> canner(r).stream())
                    .distinct()
                    .toList();
            if (said.isEmpty()) {
                steps.add(say("method." + method.id()));
            } else {
                replace(said.get(0), say("canner." + method.id()));
                said.stream().skip(1).forEach(this::strike);
            }
        }

        private static final Pattern CANNER = Pattern.compile(
                "(?i)(hot |boiling[- ])?water[- ]?bath( canner)?|boiling[- ]water( canner| bath)?|\\b(bwb|bwc|hwb|wb|bw)\\b|boiling (bath|canner)|atmospheric steam( canner)?|steam[- ]?canner|\\bbath\\b"
                        + "|pressure[- ]?(canner|cooker|canned)|weighted[- ]gauge|dial[- ]gauge");

        /** The words for the canner itself; what names the method may run from "process" over the minutes to the bath. */
        private Optional<Range> canner(Range said) {
            Matcher m = CANNER.matcher(recipe.text());
            int to = Math.min(recipe.text().length(), said.end() + 12);
            m.region(said.start(), to);
            m.useTransparentBounds(true);
            return m.find() ? Optional.of(new Range(m.start(), m.end())) : Optional.empty();
        }

        private void acid(Edit.AddAcidPerJar e) {
            recipe.ingredients().stream().filter(e::replaces).forEach(i -> strike(line(i.range())));
            steps.add(say(
                    "acid",
                    "what",
                    Words.of(e.amount(), e.acid()),
                    "jar",
                    e.jar().label()));
        }

        private String ingredient(Edit.SetIngredient e) {
            Optional<Ingredient> was = recipe.ingredients().stream()
                    .filter(i -> i.range().equals(e.at()))
                    .findFirst();
            boolean same = was.filter(i -> i.food().equals(e.food())).isPresent();
            String said = e.at().of(recipe.text());
            String named = OF_SO_MUCH.matcher(said).replaceFirst("");
            String name = same ? AMOUNT.matcher(named).replaceFirst("").strip() : "";
            return e.amount() + " " + (name.isBlank() || name.equals(said.strip()) ? Words.of(e.food()) : name);
        }

        /** "1 Tbsp salt into each 5 lb": the new amount is for all of it. */
        private static final Pattern OF_SO_MUCH =
                Pattern.compile("(?i),?( (to|into|on|for|with))?( the)? (per|each|every) \\d.*$");

        /** The amount a line begins with: figures, fractions, ranges and a unit. */
        private static final Pattern AMOUNT = Pattern.compile(
                "(?i)^\\s*(about |around |roughly )?((\\d+([.,]\\d+)?|[½¼¾⅓⅔⅛⅜⅝⅞]|an?|one|two|three|four|five|six|seven|eight|nine|ten|twelve|half|to|or|and|/|-|–|heaping|scant)\\s*)+"
                        + "(\\(?(cups?|c|quarts?|qts?|pints?|pts?|gallons?|gal|tablespoons?|tbsps?|teaspoons?|tsps?|pounds?|lbs?|ounces?|oz|grams?|g|kg|ml|litres?|liters?|l|cloves?|heads?|bunch(es)?|sticks?)\\b\\)?\\.?\\s*)?(of\\s+)?");

        /** A list line that holds nothing else goes whole, with its bullet. */
        private Range line(Range words) {
            String text = recipe.text();
            int start = text.lastIndexOf('\n', Math.max(0, words.start() - 1)) + 1;
            int end = text.indexOf('\n', words.end());
            end = end < 0 ? text.length() : end;
            boolean others = recipe.ingredients().stream()
                            .map(Ingredient::range)
                            .anyMatch(r -> !r.equals(words)
                                    && new Range(start, text.length()).overlaps(r)
                                    && r.start() < lineEnd(words))
                    || recipe.facts().ranges().stream().anyMatch(new Range(start, end)::overlaps);
            boolean shortLine = end - start <= words.end() - words.start() + 30;
            return others || !shortLine ? words : new Range(start, end);
        }

        /** A list line, a sentence or a clause that tells of nothing else; else the words. */
        private Range whole(Range words) {
            Range line = line(words);
            if (!line.equals(words)) {
                return line;
            }
            Range clause = Clauses.around(recipe, words);
            Matcher joint = JOINT.matcher(recipe.text().substring(0, words.start()));
            return clause.equals(words) && joint.find() ? new Range(joint.start(), words.end()) : clause;
        }

        /** What joins a food to those before it. */
        private static final Pattern JOINT =
                Pattern.compile("(,? (and|with|plus)|,) +((a|some|the|a few|a handful of|a spoonful of|a bit of) +)?$");

        private int lineEnd(Range words) {
            int end = recipe.text().indexOf('\n', words.end());
            return end < 0 ? recipe.text().length() : end;
        }

        private void replace(Range at, String words) {
            strike(at);
            put.put(at, words);
        }

        private void strike(Range at) {
            if (at.end() == at.start()) {
                return;
            }
            boolean overlaps = struck.values().stream().anyMatch(at::overlaps);
            if (!overlaps) {
                struck.put(at.start(), at);
            }
        }

        List<Piece> pieces() {
            List<Piece> pieces = new ArrayList<>();
            String text = recipe.text();
            int at = 0;
            for (Range range : struck.values()) {
                add(pieces, Mark.KEPT, text.substring(at, range.start()));
                add(pieces, Mark.STRUCK, range.of(text));
                add(pieces, Mark.ADDED, put.getOrDefault(range, ""));
                at = range.end();
            }
            add(pieces, Mark.KEPT, text.substring(at));
            if (!steps.isEmpty()) {
                add(pieces, Mark.KEPT, "\n");
                add(pieces, Mark.ADDED, "\n" + String.join("\n", steps));
            }
            return pieces;
        }

        private static void add(List<Piece> pieces, Mark mark, String text) {
            if (!text.isEmpty()) {
                pieces.add(new Piece(mark, text));
            }
        }
    }
}
