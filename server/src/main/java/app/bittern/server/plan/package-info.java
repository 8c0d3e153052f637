/// The plans: drafts kept in the database and held as values, changed by edits that are journalled; releases;
/// sites.
///
/// Main types: [Plans], the one way in to a draft or a release; [Drafts], which changes drafts; [Sites]. The
/// version of a site is the number of its last edit; a draft in memory is renewed whenever the database is
/// ahead of it, so that several servers on one database answer alike even where a notice between them
/// ([Notices]) is missed.
@NullMarked
package app.bittern.server.plan;

import org.jspecify.annotations.NullMarked;
