/**
 * The demo house and generated houses for measuring.
 *
 * <p>Made by the product's own rules from a fixed seed, ending today.
 *
 * <p>No other room leans on it.
 */
@NullMarked
package mildlantern.web.demo;

import org.jspecify.annotations.NullMarked;
