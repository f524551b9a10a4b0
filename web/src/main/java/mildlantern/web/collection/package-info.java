/**
 * The collection: its stops, plants, care sheets, happenings and photos.
 */
@NullMarked
package mildlantern.web.collection;

import org.jspecify.annotations.NullMarked;
