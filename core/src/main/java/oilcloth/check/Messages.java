package oilcloth.check;

import java.io.IOException;
import java.io.InputStreamReader;
import java.io.Reader;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.Properties;
import java.util.Set;
import java.util.function.UnaryOperator;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import oilcloth.measure.Fractions;
import oilcloth.measure.JarSize;

/**
 * Turns messages into words. Placeholders are {@code {name}}; figures come out as cooks write them. The guide and its
 * foods are English; what stands in a message of theirs goes through {@link Terms} on its way into another language.
 */
public final class Messages {
    private static final Pattern PLACE = Pattern.compile("\\{(\\w+)}");
    private static final Messages ENGLISH = new Messages("/oilcloth/messages_en.properties", UnaryOperator.identity());

    private final Properties templates = new Properties();
    private final UnaryOperator<String> terms;

    /** Read when the first Spanish letter is asked for: the command line never needs it. */
    private static final class Spanish {
        private static final Messages MESSAGES = new Messages("/oilcloth/messages_es.properties", Terms.spanish());
    }

    private Messages(String resource, UnaryOperator<String> terms) {
        this.terms = terms;
        try (Reader in = new InputStreamReader(Messages.class.getResourceAsStream(resource), StandardCharsets.UTF_8)) {
            templates.load(in);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    public static Messages english() {
        return ENGLISH;
    }

    public static Messages in(Language language) {
        return language == Language.ES ? Spanish.MESSAGES : ENGLISH;
    }

    /** @throws IllegalArgumentException when the id or one of its arguments is missing: nothing is left half said */
    public String say(Message message) {
        String template = templates.getProperty(message.id());
        if (template == null) {
            throw new IllegalArgumentException("no message " + message.id());
        }
        Matcher m = PLACE.matcher(template);
        StringBuilder said = new StringBuilder();
        while (m.find()) {
            Object value = message.args().get(m.group(1));
            if (value == null) {
                throw new IllegalArgumentException("message " + message.id() + " needs " + m.group(1));
            }
            m.appendReplacement(said, Matcher.quoteReplacement(format(value)));
        }
        return m.appendTail(said).toString();
    }

    public boolean knows(String id) {
        return templates.containsKey(id);
    }

    public Set<String> ids() {
        return templates.stringPropertyNames();
    }

    private String format(Object value) {
        if (value instanceof Double figure) {
            return Fractions.format(figure);
        }
        if (value instanceof Integer figure) {
            return String.format(java.util.Locale.ROOT, "%,d", figure);
        }
        return terms.apply(value instanceof JarSize jar ? jar.label() : value.toString());
    }
}
