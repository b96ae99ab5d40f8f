import { savedAs } from './savedAs';

/** Hands a file to the person, and says so. */
export function saveFile(file: Blob, name: string): void {
  const link = document.createElement('a');
  link.href = URL.createObjectURL(file);
  link.download = name;
  link.click();
  savedAs.value = name;
  setTimeout(() => URL.revokeObjectURL(link.href), 10_000);
}

/** Hands a text to the person as a file. */
export function saveText(text: string, name: string, type: string): void {
  saveFile(new Blob([text], { type: `${type};charset=utf-8` }), name);
}
