package elsko.server.importing;

import elsko.core.Text;

/**
 * Why a row cannot be taken.
 *
 * @param row as a spreadsheet counts it: the heading is row 1
 */
public record ImportProblem(int row, String column, Text reason) {}
