package app.bittern.paths;

import app.bittern.call.Dialling;
import app.bittern.call.Origin;
import app.bittern.call.Phones;
import app.bittern.plan.ClassOfService;
import app.bittern.plan.Extension;
import app.bittern.plan.Kind;
import app.bittern.plan.Plan;
import app.bittern.plan.Ref;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;

/// What the phones of a site may dial, by class of service and example number.
///
/// @param columns the classes of service, in the order of the plan; last the phones without one, where there are such
/// @param rows    what can be dialled, by example: numbers of the site by kind, its codes, its inbound numbers,
/// outbound                routes by pattern, and digits that mean nothing
public record DialMatrix(List<Column> columns, List<Row> rows) {
    public DialMatrix {
        columns = List.copyOf(columns);
        rows = List.copyOf(rows);
    }

    /// Phones of one class of service.
    ///
    /// @param service none where they have none
    /// @param phones  in the order of the plan
    public record Column(Optional<Ref> service, List<Ref> phones) {
        public Column {
            phones = List.copyOf(phones);
        }
    }

    /// Something that is dialled.
    ///
    /// @param dialled the example
    /// @param leads   what it means
    /// @param waits   whether dialling waits for a longer number
    /// @param alike   how many such there are: extensions of the site, for one
    /// @param may     whether each column may dial it
    public record Row(String dialled, Dialling.Leads leads, boolean waits, int alike, List<Boolean> may) {
        public Row {
            may = List.copyOf(may);
        }

        /// The object that it leads to; a number where it is one of the site's own.
        public Optional<Ref> to() {
            return leads.target();
        }
    }

    /// The matrix of a plan.
    public static DialMatrix of(Plan plan) {
        List<Column> columns = columns(plan);
        Map<List<Object>, List<Dialling>> rows = new LinkedHashMap<>();
        for (String digits : Phones.examples(plan)) {
            Dialling dialling = Dialling.of(plan, digits);
            rows.computeIfAbsent(alike(dialling), key -> new ArrayList<>()).add(dialling);
        }
        return new DialMatrix(
                columns,
                rows.values().stream()
                        .map(some -> row(plan, columns, some.getFirst(), some.size()))
                        .toList());
    }

    /// Numbers of the site are alike by kind; a code, an inbound number and a pattern are each by themselves.
    private static List<Object> alike(Dialling dialling) {
        return dialling.leads() instanceof Dialling.Leads.To(Ref ref) && ref.kind() != Kind.CODE
                ? List.of(ref.kind(), dialling.waits())
                : List.of(dialling);
    }

    private static List<Column> columns(Plan plan) {
        Map<Optional<Ref>, List<Ref>> phones = new LinkedHashMap<>();
        Set<Optional<Ref>> services = new LinkedHashSet<>();
        plan.all(ClassOfService.class).forEach(service -> services.add(Optional.of(service.ref())));
        plan.all(Extension.class).forEach(phone -> {
            Optional<Ref> service =
                    phone.classOfService().filter(ref -> plan.find(ref).isPresent());
            phones.computeIfAbsent(service, one -> new ArrayList<>()).add(phone.ref());
        });
        return Stream.concat(
                        services.stream(),
                        phones.containsKey(Optional.<Ref>empty())
                                ? Stream.of(Optional.<Ref>empty())
                                : Stream.<Optional<Ref>>empty())
                .map(service -> new Column(service, phones.getOrDefault(service, List.of())))
                .toList();
    }

    private static Row row(Plan plan, List<Column> columns, Dialling dialling, int alike) {
        return new Row(
                dialling.digits(),
                dialling.leads(),
                dialling.waits(),
                alike,
                columns.stream()
                        .map(column ->
                                new Origin.Inside(column.service(), Optional.empty()).may(plan, dialling.leads()))
                        .toList());
    }
}
