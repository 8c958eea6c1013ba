package oilcloth.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.TreeSet;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.beans.factory.annotation.Qualifier;
import org.springframework.boot.test.context.SpringBootTest;
import org.springframework.boot.test.web.server.LocalServerPort;
import org.springframework.web.bind.annotation.RequestMethod;
import org.springframework.web.servlet.mvc.method.RequestMappingInfo;
import org.springframework.web.servlet.mvc.method.annotation.RequestMappingHandlerMapping;

/** Every address of the server, for every role and for nobody. A new address that is not in the table fails the test. */
@SpringBootTest(webEnvironment = SpringBootTest.WebEnvironment.RANDOM_PORT, properties = "oilcloth.demo=true")
class DoorsTest {
    private static final Set<String> ROLES = Set.of("volunteer", "educator", "lead");
    private static final Set<String> EDUCATOR = Set.of("educator");
    private static final Set<String> LEAD = Set.of("lead");
    private static final Set<String> NOT_VOLUNTEERS = Set.of("educator", "lead");

    /** Who may; every other address is open to all three roles, and none to nobody but those of {@link #PUBLIC}. */
    private static final Map<String, Set<String>> NARROWER = Map.ofEntries(
            Map.entry("POST /api/cases/{id}/sign", EDUCATOR),
            Map.entry("POST /api/answers/{id}/reopen", EDUCATOR),
            Map.entry("POST /api/answers/{id}/send", EDUCATOR),
            Map.entry("DELETE /api/cases/{id}/person", EDUCATOR),
            Map.entry("GET /api/audit/check", NOT_VOLUNTEERS),
            Map.entry("GET /api/people", LEAD),
            Map.entry("POST /api/people", LEAD),
            Map.entry("PUT /api/people/{username}", LEAD),
            Map.entry("POST /api/people/{username}/reset", LEAD),
            Map.entry("POST /api/people/{username}/leave", LEAD),
            Map.entry("PUT /api/office", LEAD),
            Map.entry("POST /api/office/snippets", NOT_VOLUNTEERS),
            Map.entry("PUT /api/office/snippets/{id}", NOT_VOLUNTEERS),
            Map.entry("DELETE /api/office/snippets/{id}", NOT_VOLUNTEERS),
            Map.entry("POST /api/revisions/{run}/cases/{id}/letter", EDUCATOR),
            Map.entry("GET /api/practice/progress", NOT_VOLUNTEERS),
            Map.entry("GET /api/practice/from/{caseId}", EDUCATOR),
            Map.entry("POST /api/practice", EDUCATOR),
            Map.entry("DELETE /api/practice/{id}", EDUCATOR),
            Map.entry("GET /api/export/cases.csv", NOT_VOLUNTEERS),
            Map.entry("GET /api/export/log.csv", NOT_VOLUNTEERS),
            Map.entry("GET /api/export/desk.json", NOT_VOLUNTEERS),
            Map.entry("POST /api/guide/library", EDUCATOR),
            Map.entry("PUT /api/guide/own/sources", EDUCATOR),
            Map.entry("PUT /api/guide/own/processes", EDUCATOR),
            Map.entry("PUT /api/guide/own/recipes", EDUCATOR),
            Map.entry("DELETE /api/guide/own/{kind}/{id}", EDUCATOR),
            Map.entry("POST /api/guide/rows/read", EDUCATOR),
            Map.entry("POST /api/guide/rows/second", NOT_VOLUNTEERS),
            Map.entry("POST /api/guide/rows/withdraw", EDUCATOR));

    /** What must be sent for a request to be read at all; without it the answer says nothing about who may. */
    private static final Map<String, Map<String, Object>> BODIES = Map.ofEntries(
            Map.entry("POST /api/cases/{id}/sign", Map.of("version", 1)),
            Map.entry("POST /api/answers/{id}/reopen", Map.of("why", "again")),
            Map.entry("POST /api/answers/{id}/send", Map.of("to", "nobody@mail.example")),
            Map.entry("POST /api/people", Map.of("username", "educator", "displayName", "x", "role", "LEAD")),
            Map.entry("PUT /api/people/{username}", Map.of("displayName", "x", "role", "VOLUNTEER")),
            Map.entry("PUT /api/office", Map.of("name", "", "mailFrom", "desk@teasel-county.example")),
            Map.entry("POST /api/office/snippets", Map.of("title", "x", "english", "", "spanish", "")),
            Map.entry("PUT /api/office/snippets/{id}", Map.of("title", "x", "english", "", "spanish", "")),
            Map.entry("POST /api/practice", Map.of("title", "x", "text", "x")),
            Map.entry("POST /api/guide/library", Map.of("json", "{}")),
            Map.entry(
                    "POST /api/guide/rows/read", Map.of("row", "x", "printed", Map.of(), "edition", "x", "page", "1")),
            Map.entry("POST /api/guide/rows/second", Map.of("row", "x")),
            Map.entry("POST /api/guide/rows/withdraw", Map.of("row", "x")));

    private static final Set<String> PUBLIC = Set.of(
            "POST /api/session",
            "POST /api/welcome",
            "GET /api/public/office",
            "POST /api/public/questions",
            "GET /api/public/answers/{token}",
            "GET /api/public/answers/{token}/letter.pdf");

    @LocalServerPort
    private int port;

    @Autowired
    @Qualifier("requestMappingHandlerMapping") private RequestMappingHandlerMapping mappings;

    private Set<String> doors() {
        Set<String> doors = new TreeSet<>();
        for (RequestMappingInfo info : mappings.getHandlerMethods().keySet()) {
            for (String path : info.getPatternValues()) {
                for (RequestMethod method : info.getMethodsCondition().getMethods()) {
                    if (path.startsWith("/api/")) {
                        doors.add(method + " " + path);
                    }
                }
            }
        }
        return doors;
    }

    private static int knock(Desk desk, String door) {
        String method = door.substring(0, door.indexOf(' '));
        String path = door.substring(door.indexOf(' ') + 1)
                .replace("{username}", "nobody-of-that-name")
                .replace("{field}", "MINUTES")
                .replace("{kind}", "SOURCE")
                .replaceAll("\\{\\w+}", UUID.randomUUID().toString());
        return method.equals("GET")
                ? desk.getStatus(path)
                : desk.knock(method, path, BODIES.getOrDefault(door, Map.of()));
    }

    @Test
    void whoMayOpenWhichDoor() {
        Set<String> doors = doors();
        assertThat(doors).hasSizeGreaterThan(90).containsAll(NARROWER.keySet()).containsAll(PUBLIC);
        Map<String, Desk> desks = new TreeMap<>();
        ROLES.forEach(r -> desks.put(r, new Desk(port).signIn(r)));
        Desk nobody = new Desk(port);
        nobody.get("/api/session");
        Map<String, String> wrong = new TreeMap<>();
        for (String door : doors) {
            int outside = knock(nobody, door);
            if (PUBLIC.contains(door) ? outside == 403 : outside != 401) {
                wrong.put(door + " for nobody", Integer.toString(outside));
            }
            if (door.equals("DELETE /api/session")) {
                continue;
            }
            Set<String> may = NARROWER.getOrDefault(door, ROLES);
            for (String role : ROLES) {
                int status = knock(desks.get(role), door);
                boolean refused = status == 403 || status == 401 && !PUBLIC.contains(door);
                if (refused == may.contains(role) || status >= 500) {
                    wrong.put(door + " for " + role, Integer.toString(status));
                }
            }
        }
        assertThat(wrong).isEmpty();
    }
}
