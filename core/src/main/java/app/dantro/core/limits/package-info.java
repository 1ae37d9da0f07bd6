/**
 * What drop is allowed: the schools' fixed limits and the judgement margin. Start at {@link
 * app.dantro.core.limits.School}. Knows {@code circuit} only. Must not know what was read.
 */
package app.dantro.core.limits;
