package oilcloth.formats;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import com.lowagie.text.pdf.PdfReader;
import com.lowagie.text.pdf.parser.PdfTextExtractor;
import jakarta.mail.MessagingException;
import jakarta.mail.Session;
import jakarta.mail.internet.MimeMessage;
import jakarta.mail.internet.MimeMultipart;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.time.Instant;
import java.util.Date;
import java.util.Properties;
import oilcloth.check.Language;
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
        Document page = Jsoup.parse(LetterFormats.html("A <b>title</b>", NASTY, Language.EN));
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
    void mailIsReadBackByAnotherLibrary() throws MessagingException, IOException {
        String mail = LetterMail.of(
                "office@county.example",
                "tamsin@mail.example",
                "Your récipe: béets, a long name that goes on and on for more than one line",
                NASTY,
                Language.ES,
                AT);
        assertThat(mail.lines()).allSatisfy(l -> assertThat(l.length()).isLessThan(998));
        MimeMessage read = new MimeMessage(
                Session.getInstance(new Properties()), new ByteArrayInputStream(mail.getBytes(StandardCharsets.UTF_8)));
        assertThat(read.getSubject())
                .isEqualTo("Your récipe: béets, a long name that goes on and on for more than one line");
        assertThat(read.getSentDate()).isEqualTo(Date.from(AT));
        assertThat(read.getAllRecipients()).extracting(Object::toString).containsExactly("tamsin@mail.example");
        MimeMultipart parts = (MimeMultipart) read.getContent();
        assertThat(parts.getCount()).isEqualTo(2);
        assertThat(((String) parts.getBodyPart(0).getContent()).replace("\r\n", "\n"))
                .isEqualTo(NASTY.replace("\u202E", "").replace("\u202C", ""));
        Document page = Jsoup.parse((String) parts.getBodyPart(1).getContent());
        assertThat(page.select("script")).isEmpty();
        assertThat(page.select("html").attr("lang")).isEqualTo("es");
    }

    @Test
    void pdfIsReadBackByAnotherLibrary() throws IOException {
        String letter = NASTY + "\n\n" + "Use 2 cups (½ quart, ⅛ in headspace) at 240 °F.\n\n".repeat(60);
        PdfReader read = new PdfReader(LetterPdf.of("Béets", letter, Language.EN));
        assertThat(read.getNumberOfPages()).isGreaterThan(1);
        String first = new PdfTextExtractor(read).getTextFromPage(1);
        assertThat(first)
                .contains("Dear Tamsin,")
                .contains("<script>alert('x')</script>")
                .contains("½ cup")
                .contains("⅛ in")
                .contains("06 minutes");
        assertThat(read.getPageSize(1).getWidth()).isEqualTo(612);
    }

    @Test
    void noAddressBreaksAHeader() {
        for (String bad :
                new String[] {"x", "a@b", "a@b.example\nBcc: c@d.example", "\"a\"@b.example", "a@b.example,c@d.example"
                }) {
            assertThatThrownBy(() -> LetterMail.of("o@c.example", bad, "s", "l", Language.EN, AT))
                    .as(bad)
                    .isInstanceOf(IllegalArgumentException.class);
        }
        String mail = LetterMail.of("o@c.example", "", "two\r\nBcc: c@d.example", "l", Language.EN, AT);
        assertThat(mail).contains("Subject: two Bcc: c@d.example\r\n").doesNotContain("\r\nBcc");
    }
}
