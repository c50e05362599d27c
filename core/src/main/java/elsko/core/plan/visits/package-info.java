/** Which visits a season needs: what is left to do on each boat before the winter and in spring. */
package elsko.core.plan.visits;
