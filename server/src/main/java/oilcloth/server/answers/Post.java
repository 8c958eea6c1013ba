package oilcloth.server.answers;

/** The way a letter leaves the house. */
interface Post {
    /**
     * @param message a whole mail, as RFC 5322 writes it
     * @throws IllegalArgumentException in plain words when it was not taken
     */
    void send(String to, String message);

    /** Where it goes, for the settings page and the outbox. */
    String way();
}
