package oilcloth.formats;

import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import java.nio.ByteBuffer;
import java.nio.charset.CharacterCodingException;
import java.nio.charset.Charset;
import java.nio.charset.CodingErrorAction;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import org.jsoup.Jsoup;
import org.jsoup.nodes.Document;
import org.jsoup.nodes.Element;

/** The text shown to the educator, from whatever the canner sent: plain text, Markdown, HTML or JSON-LD. */
public final class RecipeText {
    /** Longest text taken, in characters; longer ones are refused with a clear line. */
    public static final int LONGEST = 200_000;

    private static final ObjectMapper JSON = new ObjectMapper();

    private RecipeText() {}

    /** @throws UnusableInput when empty, too long, binary, or a JSON without a recipe */
    public static String of(byte[] bytes) throws UnusableInput {
        if (bytes.length > LONGEST * 4) {
            throw tooLong();
        }
        for (byte b : bytes) {
            if (b == 0) {
                throw new UnusableInput(
                        "This is not a text file. Send the recipe as plain text, Markdown, HTML or JSON-LD.");
            }
        }
        return of(decode(bytes));
    }

    /** @throws UnusableInput as {@link #of(byte[])} */
    public static String of(String raw) throws UnusableInput {
        String text = Invisible.without(raw);
        if (text.isBlank()) {
            throw new UnusableInput("The text is empty. Paste the recipe, or name a file that holds one.");
        }
        if (text.length() > LONGEST) {
            throw tooLong();
        }
        long control = text.chars()
                .filter(c -> c < 32 && c != '\n' && c != '\r' && c != '\t' && c != '\f')
                .count();
        if (control * 50 > text.length()
                || text.chars().filter(c -> c == 0xFFFD).count() * 20 > text.length()) {
            throw new UnusableInput(
                    "This is not a text file. Send the recipe as plain text, Markdown, HTML or JSON-LD.");
        }
        String start = text.stripLeading();
        if ((start.startsWith("{") || start.startsWith("[{")) && text.contains("\"@type\"")) {
            return fromJson(start)
                    .map(Invisible::without)
                    .orElseThrow(() -> new UnusableInput("This JSON holds no schema.org Recipe."));
        }
        String low = start.substring(0, Math.min(2_000, start.length())).toLowerCase(Locale.ROOT);
        boolean html = low.startsWith("<!doctype html")
                || low.startsWith("<html")
                || low.matches("(?s)^<(div|p|body|head|article|section|script|table|h\\d|ul|meta)\\b.*");
        return html ? Invisible.without(fromHtml(text)) : text;
    }

    private static UnusableInput tooLong() {
        return new UnusableInput(
                "The text is longer than " + LONGEST / 1000 + ",000 characters. Cut it down to the recipe.");
    }

    private static String decode(byte[] bytes) {
        try {
            return StandardCharsets.UTF_8
                    .newDecoder()
                    .onMalformedInput(CodingErrorAction.REPORT)
                    .decode(ByteBuffer.wrap(bytes))
                    .toString();
        } catch (CharacterCodingException e) {
            // An old mail program: every byte is a character in this one.
            return new String(bytes, Charset.forName("windows-1252"));
        }
    }

    private static String fromHtml(String html) throws UnusableInput {
        Document page = Jsoup.parse(html);
        for (Element script : page.select("script[type=application/ld+json]")) {
            Optional<String> recipe = fromJson(script.data());
            if (recipe.isPresent()) {
                return recipe.get();
            }
        }
        page.select("script,style,nav,header,footer,noscript").remove();
        page.select("br").after("\\n");
        page.select("p,li,tr,h1,h2,h3,h4,div").before("\\n");
        String text = page.body()
                .text()
                .replace("\\n", "\n")
                .replaceAll("[ \\t]*\\n[ \\t\\n]*", "\n")
                .strip();
        if (text.isBlank()) {
            throw new UnusableInput("This page holds no text.");
        }
        return text;
    }

    private static Optional<String> fromJson(String json) throws UnusableInput {
        try {
            return Optional.ofNullable(find(JSON.readTree(json))).map(RecipeText::written);
        } catch (JsonProcessingException e) {
            throw new UnusableInput("This JSON is broken: " + e.getOriginalMessage());
        }
    }

    private static JsonNode find(JsonNode node) {
        if (node.isObject()) {
            for (JsonNode type : node.path("@type").isArray() ? node.path("@type") : List.of(node.path("@type"))) {
                if (type.asText().equals("Recipe")) {
                    return node;
                }
            }
        }
        for (JsonNode child : node) {
            if (child.isContainerNode()) {
                JsonNode found = find(child);
                if (found != null) {
                    return found;
                }
            }
        }
        return null;
    }

    private static String written(JsonNode recipe) {
        List<String> lines = new ArrayList<>();
        add(lines, recipe.path("name"));
        add(lines, recipe.path("description"));
        lines.add("");
        recipe.path("recipeIngredient").forEach(i -> add(lines, i));
        lines.add("");
        instructions(lines, recipe.path("recipeInstructions"));
        if (!recipe.path("recipeYield").isMissingNode()) {
            JsonNode yield = recipe.path("recipeYield");
            lines.add("Makes " + (yield.isArray() ? yield.path(yield.size() - 1) : yield).asText());
        }
        return String.join("\n", lines).strip();
    }

    private static void instructions(List<String> lines, JsonNode node) {
        if (node.isTextual()) {
            add(lines, node);
        } else if (node.isArray()) {
            node.forEach(n -> instructions(lines, n));
        } else if (node.isObject()) {
            if (node.has("itemListElement")) {
                instructions(lines, node.path("itemListElement"));
            } else {
                add(lines, node.has("text") ? node.path("text") : node.path("name"));
            }
        }
    }

    private static void add(List<String> lines, JsonNode text) {
        if (text.isTextual() && !text.asText().isBlank()) {
            lines.add(Jsoup.parse(text.asText()).text());
        }
    }
}
