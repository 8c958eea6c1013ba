package oilcloth.server.account;

/** What somebody may do at the desk. */
public enum Role {
    VOLUNTEER,
    EDUCATOR,
    LEAD
}
