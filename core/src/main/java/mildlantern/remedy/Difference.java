package mildlantern.remedy;

import java.util.Set;

/**
 * Where the answer here is another than that of many growers.
 *
 * @param id its id
 * @param many what many growers do
 * @param here what is said here
 * @param because why
 * @param topics ids of means that it is about, or the names of pages
 */
public record Difference(String id, String many, String here, String because, Set<String> topics) {}
