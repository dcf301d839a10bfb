/** What is data rather than code: tables in files of YAML that stand beside the class that reads them. */
package app.blenner.core.table;
