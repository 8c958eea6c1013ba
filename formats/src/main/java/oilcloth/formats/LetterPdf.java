package oilcloth.formats;

import com.openhtmltopdf.outputdevice.helper.BaseRendererBuilder.FontStyle;
import com.openhtmltopdf.pdfboxout.PdfRendererBuilder;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import oilcloth.check.Language;
import org.jsoup.Jsoup;
import org.jsoup.helper.W3CDom;

/** A letter as PDF, on US letter paper, set in a face that ships with the application. */
public final class LetterPdf {
    private static final String FONT = "/net/sf/jasperreports/fonts/dejavu/DejaVuSerif.ttf";
    private static final String PAGE =
            "@page{size:letter;margin:1in;@bottom-center{content:counter(page);font:9pt 'Letter'}}"
                    + "body{font:10.5pt/1.5 'Letter';margin:0}p{white-space:pre-wrap;orphans:2;widows:2;margin:0 0 .8em}";

    private LetterPdf() {}

    public static byte[] of(String title, String letter, Language language) {
        org.jsoup.nodes.Document page = Jsoup.parse(LetterFormats.html(title, letter, language));
        page.select("style").forEach(s -> s.text("").append(PAGE));
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        PdfRendererBuilder builder = new PdfRendererBuilder();
        builder.useFont(LetterPdf::font, "Letter", 400, FontStyle.NORMAL, true);
        builder.withW3cDocument(new W3CDom().fromJsoup(page), null);
        builder.withProducer("Oilcloth");
        builder.toStream(out);
        try {
            builder.run();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return out.toByteArray();
    }

    private static InputStream font() {
        return LetterPdf.class.getResourceAsStream(FONT);
    }
}
