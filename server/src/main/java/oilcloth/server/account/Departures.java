package oilcloth.server.account;

/** Whoever must know that somebody left. */
public interface Departures {
    void left(String username);
}
