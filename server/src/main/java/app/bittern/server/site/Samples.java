package app.bittern.server.site;

import app.bittern.formats.ObjectJson;
import app.bittern.formats.PlanFile;
import app.bittern.plan.InboundNumber;
import app.bittern.plan.Kind;
import app.bittern.plan.Plan;
import app.bittern.plan.PlanObject;
import app.bittern.plan.Problem;
import app.bittern.plan.Ref;
import app.bittern.server.Refusal;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.time.DayOfWeek;
import java.time.LocalDate;
import java.time.temporal.TemporalAdjusters;
import java.util.List;
import org.springframework.core.io.ClassPathResource;
import org.springframework.http.HttpStatus;
import tools.jackson.databind.node.ObjectNode;

/// Whole made-up sites that a new one can be started from.
final class Samples {
    static final List<SiteApi.Sample> ALL = List.of(
            new SiteApi.Sample(
                    "saltreach",
                    "Saltreach Ferries",
                    "A ferry line: six inbound numbers, seasons, a menu in two languages, two queues, freight with a haulier number"),
            new SiteApi.Sample(
                    "brook-lane-clinic",
                    "Brook Lane Clinic",
                    "A clinic: night service by switch and hours, nurses on call by the week, results from a laboratory"),
            new SiteApi.Sample(
                    "larkfield-baths",
                    "Larkfield Baths",
                    "A swimming bath: two numbers, seasons, paging, a first-aid code that sets off an alarm"),
            new SiteApi.Sample(
                    "northgate-coaches",
                    "Northgate Coaches",
                    "A bus company in two countries: two languages, agents by rank, language and skill"),
            new SiteApi.Sample(
                    "marram-hotel",
                    "Hotel Marram",
                    "A hotel of 400 rooms that are called direct, services, a night porter"),
            new SiteApi.Sample(
                    "hollin-cycles", "Hollin Cycles", "A bicycle shop with one number: counter, workshop, mailbox"));

    private Samples() {}

    /// The plan of a sample, under the key and the name that are wished for.
    ///
    /// @param today by which its dates are set
    static Plan of(SiteApi.NewSite wanted, LocalDate today) {
        Plan sample = ALL.stream()
                .filter(one -> one.key().equals(wanted.sample()))
                .findFirst()
                .map(one -> asOf(file(one.key()), today))
                .orElseThrow(() -> Refusal.unusable("sample: found '" + Problem.shown(wanted.sample() + "")
                        + "'; allowed is "
                        + String.join(
                                ", ", ALL.stream().map(SiteApi.Sample::key).toList()) + "."));
        String key = wanted.key();
        Plan renamed = key == null ? sample : under(sample, key);
        String name = wanted.name();
        return name == null ? renamed : named(renamed, name);
    }

    private static Plan file(String key) {
        try {
            String text = new ClassPathResource("samples/" + key + ".yaml").getContentAsString(StandardCharsets.UTF_8);
            return switch (PlanFile.read(text)) {
                case PlanFile.Result.Read(Plan plan) -> plan;
                case PlanFile.Result.Refused(List<Problem> problems) ->
                    throw new IllegalStateException("the sample " + key + " cannot be read: " + problems);
            };
        } catch (IOException unreadable) {
            throw new UncheckedIOException(unreadable);
        }
    }

    /// With what is due at the carrier on a Tuesday two weeks ahead: in the file it stands years off, so that a
    /// sample is the same on whatever day it is looked at, and in a site that is made of it a number comes
    /// soon.
    private static Plan asOf(Plan sample, LocalDate today) {
        LocalDate due = today.plusWeeks(2).with(TemporalAdjusters.nextOrSame(DayOfWeek.TUESDAY));
        return Plan.of(sample.objects().stream()
                .map(object ->
                        object instanceof InboundNumber number && number.due().isPresent() ? number.dueOn(due) : object)
                .toList());
    }

    /// A plan as that of a site with another key.
    static Plan under(Plan plan, String key) {
        if (!Ref.sound(Kind.SITE, key)) {
            throw Refusal.unusable(
                    "key: found '" + Problem.shown(key) + "'; allowed is " + Ref.allowedKey(Kind.SITE) + ".");
        }
        Ref site = plan.site().ref();
        Ref wanted = new Ref(Kind.SITE, key);
        return Plan.of(plan.objects().stream()
                .map(object -> object.renamed(site, wanted))
                .toList());
    }

    private static Plan named(Plan plan, String name) {
        ObjectNode body = (ObjectNode) ObjectJson.write(plan.site());
        body.put("name", name);
        return switch (ObjectJson.read(plan.site().ref(), body)) {
            case ObjectJson.Result.Read(PlanObject site) -> plan.with(site);
            case ObjectJson.Result.Refused(List<Problem> problems) ->
                throw new Refusal(
                        HttpStatus.UNPROCESSABLE_CONTENT,
                        problems.stream().map(Problem::says).toList());
        };
    }
}
