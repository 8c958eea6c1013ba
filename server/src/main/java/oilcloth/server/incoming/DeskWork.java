package oilcloth.server.incoming;

import java.time.Instant;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import oilcloth.server.account.Accounts;
import oilcloth.server.account.Departures;
import oilcloth.server.cases.Cases;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Who takes which case, and when it is looked at again. */
@Service
public class DeskWork implements Departures {
    private final CaseDeskStore desks;
    private final Cases cases;
    private final Accounts accounts;
    private final Beside beside;

    DeskWork(CaseDeskStore desks, Cases cases, Accounts accounts, Beside beside) {
        this.desks = desks;
        this.cases = cases;
        this.accounts = accounts;
        this.beside = beside;
    }

    @Transactional(readOnly = true)
    IncomingController.DeskView view(UUID id) {
        cases.mustExist(id);
        CaseDesk desk = desks.findById(id).orElseGet(() -> new CaseDesk(id));
        return new IncomingController.DeskView(
                desk.assignedTo(), desk.followUp(), List.copyOf(desk.tags()), desk.wroteBackAt(), beside.of(id));
    }

    /** @throws IllegalArgumentException when nobody of that name works here */
    @Transactional
    public void keep(UUID id, IncomingController.DeskNotes notes) {
        CaseDesk desk = of(id);
        if (notes.assignedTo() != null && !accounts.isHere(notes.assignedTo())) {
            throw new IllegalArgumentException("Nobody named “" + notes.assignedTo() + "” works at this desk.");
        }
        desk.keep(
                notes.assignedTo(),
                notes.followUp(),
                notes.tags().stream()
                        .map(t -> t.strip().toLowerCase(Locale.ROOT))
                        .collect(Collectors.toSet()));
        desks.save(desk);
    }

    /** The case becomes somebody's. @param tags more words to find it by */
    @Transactional
    public void give(UUID id, String username, Set<String> tags) {
        CaseDesk desk = of(id);
        desk.keep(username, desk.followUp(), tags);
        desks.save(desk);
    }

    @Transactional
    public void wroteBack(UUID id, Instant at) {
        CaseDesk desk = of(id);
        desk.wroteBack(at);
        desks.save(desk);
    }

    @Transactional
    public void seen(UUID id) {
        wroteBack(id, null);
    }

    /** What somebody who leaves was working on is nobody's again. */
    @Override
    @Transactional
    public void left(String username) {
        desks.findByAssignedTo(username).forEach(d -> d.assign(null));
    }

    private CaseDesk of(UUID id) {
        cases.mustExist(id);
        return desks.findById(id).orElseGet(() -> new CaseDesk(id));
    }
}
