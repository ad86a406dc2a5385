/** Style sheets say nothing in jsdom. */
export {};
