/** Days of the calendar: reckoned with, and read as somebody writes them. */
export { dayInWords, daysBetween, daysLater, monthsLater, weekday, workdaysLater } from "./calendar";
export { readDay, withDay, type DayIn, type DaySaid } from "./said";
