/// Sites as a whole: listed, made, removed; what a plan of a site is; its journal and its releases.
///
/// Main types: [SiteController], [PlanController], [DraftController].
@NullMarked
package app.bittern.server.site;

import org.jspecify.annotations.NullMarked;
