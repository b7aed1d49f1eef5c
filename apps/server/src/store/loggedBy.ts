/** Who told of an event, and when it happened. */
export const loggedBy = (event: { id: string; at: string }, by: string) => ({
  id: event.id,
  at: new Date(event.at),
  by_person: by,
});
