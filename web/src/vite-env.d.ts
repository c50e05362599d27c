/// <reference types="vite/client" />

/** Names the contract these screens were built for. */
declare const __CONTRACT__: string;
