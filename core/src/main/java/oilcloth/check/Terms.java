package oilcloth.check;

import java.io.IOException;
import java.io.InputStreamReader;
import java.io.Reader;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.Comparator;
import java.util.HashMap;
import java.util.Locale;
import java.util.Map;
import java.util.function.UnaryOperator;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVRecord;

/**
 * Words of the guide in another language. What is known whole is taken whole; of the rest every known phrase is put
 * over, the longest first. What is known nowhere stays as it is.
 */
final class Terms implements UnaryOperator<String> {
    private final Map<String, String> known = new HashMap<>();
    private final Pattern phrases;

    private Terms(String resource) {
        try (Reader in = new InputStreamReader(Terms.class.getResourceAsStream(resource), StandardCharsets.UTF_8)) {
            for (CSVRecord row : CSVFormat.RFC4180
                    .builder()
                    .setHeader()
                    .setSkipHeaderRecord(true)
                    .get()
                    .parse(in)) {
                known.put(row.get("english").toLowerCase(Locale.ROOT), row.get("other"));
            }
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        phrases = Pattern.compile(
                known.keySet().stream()
                        .sorted(Comparator.comparingInt(String::length)
                                .reversed()
                                .thenComparing(s -> s))
                        .map(Pattern::quote)
                        .collect(Collectors.joining("|", "(?<![\\p{L}\\p{N}])(?:", ")(?![\\p{L}\\p{N}])")),
                Pattern.CASE_INSENSITIVE);
    }

    static Terms spanish() {
        return new Terms("/oilcloth/terms_es.csv");
    }

    @Override
    public String apply(String words) {
        String whole = known.get(words.toLowerCase(Locale.ROOT));
        if (whole != null) {
            return whole;
        }
        Matcher m = phrases.matcher(words);
        StringBuilder said = new StringBuilder();
        while (m.find()) {
            m.appendReplacement(
                    said, Matcher.quoteReplacement(known.get(m.group().toLowerCase(Locale.ROOT))));
        }
        return m.appendTail(said).toString();
    }
}
