package oilcloth.server.guide;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;
import java.util.UUID;

/** A question answered on the phone, kept for the season's count; no name of the caller. */
@Entity
@Table(name = "phone_call")
class PhoneCall {
    @Id
    private UUID id;

    private String words;
    private String process;
    private Integer altitudeFt;
    private String person;
    private Instant at;

    protected PhoneCall() {}

    PhoneCall(String words, String process, Integer altitudeFt, String person, Instant at) {
        this.id = UUID.randomUUID();
        this.words = words;
        this.process = process;
        this.altitudeFt = altitudeFt;
        this.person = person;
        this.at = at;
    }
}
