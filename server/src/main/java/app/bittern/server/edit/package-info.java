/// Changes to drafts: wishes made into one edit, merged with what others have done, taken back and made again.
///
/// Main types: [EditController], [WishedEdit].
@NullMarked
package app.bittern.server.edit;

import org.jspecify.annotations.NullMarked;
