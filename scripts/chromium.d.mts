export declare const SMALL: string;
export declare function chromiumPath(): string | undefined;
