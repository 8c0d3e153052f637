/// The drafts: kept in the database, held as plans, changed by edits that are journalled.
///
/// Main types: [Drafts], [Draft], [SiteController], [EditController]. The version of a site is the number of its last
/// edit; a draft in memory is renewed whenever the database is ahead of it, so that several servers on one database
/// answer alike. Decided against: pushing changes between servers, as long as asking for one number before each answer
/// is cheap.
@NullMarked
package app.bittern.server.site;

import org.jspecify.annotations.NullMarked;
