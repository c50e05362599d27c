/** When a yard can work: by daylight, between tides, while its sheds stand open. */
package elsko.core.plan.hours;
