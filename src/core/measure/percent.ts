/** A share in percent, whole: "97 %". */
export const percent = (share: number): string => `${Math.round(share * 100)} %`;
