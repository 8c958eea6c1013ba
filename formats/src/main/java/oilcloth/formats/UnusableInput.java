package oilcloth.formats;

/** Input that cannot be reviewed, with one clear line that says why. */
public final class UnusableInput extends Exception {
    private static final long serialVersionUID = 1L;

    public UnusableInput(String message) {
        super(message);
    }
}
