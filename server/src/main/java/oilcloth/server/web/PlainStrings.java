package oilcloth.server.web;

import com.fasterxml.jackson.core.JsonParser;
import com.fasterxml.jackson.databind.DeserializationContext;
import com.fasterxml.jackson.databind.deser.std.StdScalarDeserializer;
import com.fasterxml.jackson.databind.deser.std.StringDeserializer;
import java.io.IOException;
import oilcloth.formats.Invisible;
import org.springframework.boot.jackson.JsonComponent;

/** Every word that comes to the desk in a request is taken without the signs that nobody sees. */
@JsonComponent
class PlainStrings extends StdScalarDeserializer<String> {
    PlainStrings() {
        super(String.class);
    }

    @Override
    public String deserialize(JsonParser parser, DeserializationContext context) throws IOException {
        String words = StringDeserializer.instance.deserialize(parser, context);
        return words == null ? null : Invisible.without(words);
    }
}
