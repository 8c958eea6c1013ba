package oilcloth.server.account;

import org.springframework.boot.ApplicationArguments;
import org.springframework.boot.ApplicationRunner;
import org.springframework.boot.context.properties.ConfigurationProperties;
import org.springframework.stereotype.Component;

/** Creates the lead's account of an empty desk, with the password the start script made and printed. */
@Component
class FirstAccount implements ApplicationRunner {
    @ConfigurationProperties("oilcloth.first-account")
    record Settings(String username, String password) {
        boolean isGiven() {
            return username != null && !username.isBlank() && password != null && !password.isBlank();
        }
    }

    private final Accounts accounts;
    private final Settings settings;

    FirstAccount(Accounts accounts, Settings settings) {
        this.accounts = accounts;
        this.settings = settings;
    }

    @Override
    public void run(ApplicationArguments arguments) {
        if (settings.isGiven() && accounts.isEmpty()) {
            accounts.add(settings.username(), "Lead", Role.LEAD, settings.password());
        }
    }
}
