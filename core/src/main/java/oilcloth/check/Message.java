package oilcloth.check;

import java.util.Map;

/** A text by its id and arguments, so that it can be said in more than one language. */
public record Message(String id, Map<String, Object> args) {
    public Message {
        args = Map.copyOf(args);
    }

    public static Message of(String id) {
        return new Message(id, Map.of());
    }
}
