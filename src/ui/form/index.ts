export { afterSaving } from "./after-saving";
export { ErrorText, Field } from "./Field";
export { LinesField, SelectField, TextField, TickField } from "./fields";
export { Form, FormEnd } from "./Form";
export { ReadAlone } from "./ReadAlone";
export { schemaProblems } from "./schema-problems";
export { SettingsForm } from "./SettingsForm";
export { useForm, type FieldProps, type Problems, type SaveAnswer } from "./useForm";
