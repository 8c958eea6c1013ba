package oilcloth.formats;

import java.util.Arrays;
import java.util.List;
import oilcloth.check.Language;
import org.jsoup.nodes.Entities;

/** A letter as HTML and Markdown. Whatever stands in it is shown as it is, and does nothing. */
public final class LetterFormats {
    private LetterFormats() {}

    static List<String> paragraphs(String letter) {
        return Arrays.stream(harmless(letter).split("\\n\\s*\\n"))
                .map(String::strip)
                .filter(p -> !p.isEmpty())
                .toList();
    }

    static String harmless(String words) {
        return Invisible.without(words.replace("\r\n", "\n"));
    }

    public static String html(String title, String letter, Language language) {
        StringBuilder page = new StringBuilder("<!DOCTYPE html>\n<html lang=\"" + language.tag()
                        + "\">\n<head>\n<meta charset=\"utf-8\"/>\n<title>")
                .append(escaped(harmless(title)))
                .append(
                        "</title>\n<style>body{font:12pt/1.5 Georgia,serif;max-width:42em;margin:2em auto;padding:0 1em}")
                .append("p{white-space:pre-line}</style>\n</head>\n<body>\n");
        paragraphs(letter).forEach(p -> page.append("<p>").append(escaped(p)).append("</p>\n"));
        return page.append("</body>\n</html>\n").toString();
    }

    private static String escaped(String words) {
        return Entities.escape(words).replace("\"", "&quot;").replace("'", "&#39;");
    }

    public static String markdown(String title, String letter) {
        StringBuilder page =
                new StringBuilder("# ").append(marked(harmless(title))).append("\n");
        paragraphs(letter).forEach(p -> page.append('\n')
                .append(String.join("\\\n", p.lines().map(LetterFormats::marked).toList()))
                .append('\n'));
        return page.toString();
    }

    /** Signs that would be markup are written out. */
    private static String marked(String line) {
        String said = line.replaceAll("([\\\\`*_{}\\[\\]<>#|~!&])", "\\\\$1");
        return said.replaceFirst("^(\\s*)([-+])(\\s)", "$1\\\\$2$3")
                .replaceFirst("^(\\s*\\d+)([.)])(\\s)", "$1\\\\$2$3");
    }
}
