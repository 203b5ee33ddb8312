package {{package}}; class {{entryClass}} { String s = "{{summary}}"; }
