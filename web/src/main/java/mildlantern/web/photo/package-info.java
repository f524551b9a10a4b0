/**
 * Photos of plants: taken in, made smaller, shown, compared, and a leaf measured beside a coin.
 *
 * <p>From the table of photos and the log.
 *
 * <p>It must not know the plant's page.
 */
@NullMarked
package mildlantern.web.photo;

import org.jspecify.annotations.NullMarked;
