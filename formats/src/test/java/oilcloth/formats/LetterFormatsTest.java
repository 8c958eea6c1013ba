package oilcloth.formats;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.nio.charset.StandardCharsets;
import java.time.Instant;
import java.util.Base64;
import org.jsoup.Jsoup;
import org.jsoup.nodes.Document;
import org.junit.jupiter.api.Test;

/** A letter out, read back; what a canner wrote into it does nothing. */
class LetterFormatsTest {
    private static final String NASTY =
            "Dear Tamsin,\n\n<script>alert('x')</script> & \"½ cup\" \u202E06\u202C minutes.\n\n"
                    + "=1+1\n# not a heading\n- not a list\n[link](https://nowhere.example)\n\nYours";
    private static final Instant AT = Instant.parse("2026-08-14T18:00:00Z");

    @Test
    void htmlIsReadBackAsTheWordsAndNothingElse() {
        Document page = Jsoup.parse(LetterFormats.html("A <b>title</b>", NASTY));
        assertThat(page.select("script, a, b, img")).isEmpty();
        assertThat(page.title()).isEqualTo("A <b>title</b>");
        assertThat(page.select("p").first().wholeText()).isEqualTo("Dear Tamsin,");
        assertThat(page.select("p").get(1).wholeText())
                .isEqualTo("<script>alert('x')</script> & \"½ cup\" 06 minutes.");
    }

    @Test
    void markdownHoldsNoMarkupOfTheCanners() {
        String page = LetterFormats.markdown("Beets", NASTY);
        assertThat(page).startsWith("# Beets\n");
        assertThat(page)
                .contains("\\<script\\>")
                .contains("\\# not a heading")
                .contains("\\- not a list")
                .contains("\\[link\\](https://nowhere.example)")
                .doesNotContain("\u202E");
    }

    @Test
    void mailIsReadBack() {
        String mail = LetterMail.of(
                "office@county.example",
                "tamsin@mail.example",
                "Your récipe: béets, a long name that goes on and on for more than one line",
                NASTY,
                AT);
        assertThat(mail.lines()).allSatisfy(l -> assertThat(l.length()).isLessThan(998));
        String[] parts = mail.split("\r\n\r\n");
        assertThat(parts[0])
                .contains(
                        "From: office@county.example\r\n",
                        "To: tamsin@mail.example\r\n",
                        "Date: Fri, 14 Aug 2026 18:00:00 +0000");
        String subject = parts[0].replaceAll("(?s).*Subject: (.*?)\r\nDate.*", "$1");
        StringBuilder said = new StringBuilder();
        for (String word : subject.split("\r\n ")) {
            assertThat(word).hasSizeLessThan(76);
            said.append(new String(
                    Base64.getDecoder().decode(word.substring("=?UTF-8?B?".length(), word.length() - 2)),
                    StandardCharsets.UTF_8));
        }
        assertThat(said.toString())
                .isEqualTo("Your récipe: béets, a long name that goes on and on for more than one line");
        String plain = new String(
                Base64.getMimeDecoder().decode(parts[2].substring(0, parts[2].indexOf("\r\n--"))),
                StandardCharsets.UTF_8);
        assertThat(plain.replace("\r\n", "\n"))
                .isEqualTo(NASTY.replace("\u202E", "").replace("\u202C", ""));
    }

    @Test
    void noAddressBreaksAHeader() {
        for (String bad :
                new String[] {"x", "a@b", "a@b.example\nBcc: c@d.example", "\"a\"@b.example", "a@b.example,c@d.example"
                }) {
            assertThatThrownBy(() -> LetterMail.of("o@c.example", bad, "s", "l", AT))
                    .as(bad)
                    .isInstanceOf(IllegalArgumentException.class);
        }
        String mail = LetterMail.of("o@c.example", "", "two\r\nBcc: c@d.example", "l", AT);
        assertThat(mail).contains("Subject: two Bcc: c@d.example\r\n").doesNotContain("\r\nBcc");
    }
}
