package app.bittern.server.people;

import java.util.List;
import java.util.Optional;

/// What the endpoints of people give.
public final class PeopleApi {
    private PeopleApi() {}

    /// A window on the grid.
    ///
    /// @param total   people that are found in all
    /// @param from    the place of the first row given, from 0
    /// @param columns groups, queues and pages, all of them
    /// @param free    the next free numbers, block by block
    public record PeopleView(
            long version, int total, int from, List<GridColumn> columns, List<PersonRow> rows, List<FreeNumber> free) {}

    /// @param kind    ring-group, hunt-group, queue or page
    /// @param members how many of the site's people are in it
    public record GridColumn(String object, String kind, String title, int members) {}

    /// @param then  how long it rings and what becomes of a call that the person does not take, in words
    /// @param cells where the person is
    public record PersonRow(
            String object, String key, String title, String phones, String then, List<CellView> cells) {}

    /// @param column its place among the columns, from 0
    /// @param says   as a cell shows it and takes it: `in`, `2 phone 40s`
    public record CellView(int column, String says) {}

    /// @param block what it is set aside for, in words
    public record FreeNumber(String block, String number) {}

    /// What a person may dial.
    ///
    /// @param service what their class of service is called
    public record MayDial(long version, Optional<String> service, List<DialledRow> rows) {}

    /// @param dialled an example
    /// @param leads   what it means, in words
    /// @param alike   how many such there are
    public record DialledRow(String dialled, String leads, int alike, boolean may) {}
}
