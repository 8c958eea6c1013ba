package oilcloth.server.asking;

/** Somebody sent more than one household has to ask. */
class TooManyQuestions extends RuntimeException {
    private static final long serialVersionUID = 1;

    TooManyQuestions() {
        super("You have sent several questions in a short time. Please wait an hour, or call the office.");
    }
}
