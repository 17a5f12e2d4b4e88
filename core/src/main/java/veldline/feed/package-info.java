/**
 * The parts between a radio and its antenna, the joints between them and the search for what mends a wrong one. Start at
 * {@link veldline.feed.FeedRun}.
 */
package veldline.feed;
