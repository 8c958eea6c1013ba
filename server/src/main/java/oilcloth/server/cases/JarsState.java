package oilcloth.server.cases;

/** Whether jars exist already; "made today" is derived from when they came out, never stored. */
public enum JarsState {
    NOT_YET,
    MADE,
    OPENED
}
