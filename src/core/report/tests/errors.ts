import type { ReportKind } from '../../report/kinds'

/** 10 % of a laboratory, and 35 % / √n of a composite of n cores. Source: common practice. */
export const nutrientError = (v: number, _kind: ReportKind, cores: number): number =>
  v * Math.hypot(0.1, 0.35 / Math.sqrt(cores))
