package app.bittern.server.site;

import app.bittern.formats.PlanFile;
import app.bittern.plan.Plan;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.boot.ApplicationArguments;
import org.springframework.boot.ApplicationRunner;
import org.springframework.core.io.ClassPathResource;
import org.springframework.stereotype.Component;

/// Loads the demo site where it is asked for and not there yet.
@Component
class DemoSite implements ApplicationRunner {
    private static final String FILE = "demo/saltreach.yaml";

    private final Drafts drafts;
    private final SiteRows sites;
    private final boolean wanted;

    DemoSite(Drafts drafts, SiteRows sites, @Value("${bittern.demo}") boolean wanted) {
        this.drafts = drafts;
        this.sites = sites;
        this.wanted = wanted;
    }

    @Override
    public void run(ApplicationArguments arguments) {
        if (wanted && sites.count() == 0) {
            drafts.create(plan());
        }
    }

    private static Plan plan() {
        try {
            String text = new ClassPathResource(FILE).getContentAsString(StandardCharsets.UTF_8);
            return switch (PlanFile.read(text)) {
                case PlanFile.Result.Read(Plan plan) -> plan;
                case PlanFile.Result.Refused(var problems) ->
                    throw new IllegalStateException("the demo plan cannot be read: " + problems);
            };
        } catch (IOException unreadable) {
            throw new UncheckedIOException(unreadable);
        }
    }
}
