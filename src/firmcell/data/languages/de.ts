<?xml version="1.0" encoding="utf-8"?>
<!DOCTYPE TS>
<TS version="2.1" language="de_DE" sourcelanguage="en">
  <context>
    <name>firmcell</name>
    <message numerus="yes">
      <source>%n attention/attention</source>
      <translation>
        <numerusform>%n Achtung</numerusform>
        <numerusform>%n Achtung</numerusform>
      </translation>
    </message>
    <message numerus="yes">
      <source>%n cell(s)</source>
      <translation>
        <numerusform>%n Zelle</numerusform>
        <numerusform>%n Zellen</numerusform>
      </translation>
    </message>
    <message numerus="yes">
      <source>%n crimp(s)</source>
      <translation>
        <numerusform>%n Crimpung</numerusform>
        <numerusform>%n Crimpungen</numerusform>
      </translation>
    </message>
    <message numerus="yes">
      <source>%n day(s)</source>
      <translation>
        <numerusform>%n Tag</numerusform>
        <numerusform>%n Tage</numerusform>
      </translation>
    </message>
    <message numerus="yes">
      <source>%n finding(s)</source>
      <translation>
        <numerusform>%n Befund</numerusform>
        <numerusform>%n Befunde</numerusform>
      </translation>
    </message>
    <message numerus="yes">
      <source>%n joint(s)</source>
      <translation>
        <numerusform>%n Verbindung</numerusform>
        <numerusform>%n Verbindungen</numerusform>
      </translation>
    </message>
    <message numerus="yes">
      <source>%n length(s)</source>
      <translation>
        <numerusform>%n Länge</numerusform>
        <numerusform>%n Längen</numerusform>
      </translation>
    </message>
    <message numerus="yes">
      <source>%n notch/notches</source>
      <translation>
        <numerusform>%n Kerbe</numerusform>
        <numerusform>%n Kerben</numerusform>
      </translation>
    </message>
    <message numerus="yes">
      <source>%n note(s)</source>
      <translation>
        <numerusform>%n Hinweis</numerusform>
        <numerusform>%n Hinweise</numerusform>
      </translation>
    </message>
    <message numerus="yes">
      <source>%n pack(s)</source>
      <translation>
        <numerusform>%n Pack</numerusform>
        <numerusform>%n Packs</numerusform>
      </translation>
    </message>
    <message numerus="yes">
      <source>%n part(s)</source>
      <translation>
        <numerusform>%n Teil</numerusform>
        <numerusform>%n Teile</numerusform>
      </translation>
    </message>
    <message numerus="yes">
      <source>%n peel(s)</source>
      <translation>
        <numerusform>%n Schälprobe</numerusform>
        <numerusform>%n Schälproben</numerusform>
      </translation>
    </message>
    <message numerus="yes">
      <source>%n piece(s)</source>
      <translation>
        <numerusform>%n Stück</numerusform>
        <numerusform>%n Stücke</numerusform>
      </translation>
    </message>
    <message numerus="yes">
      <source>%n place(s)</source>
      <translation>
        <numerusform>%n Platz</numerusform>
        <numerusform>%n Plätze</numerusform>
      </translation>
    </message>
    <message numerus="yes">
      <source>%n solder joint record(s)</source>
      <translation>
        <numerusform>%n Aufzeichnung einer Lötstelle</numerusform>
        <numerusform>%n Aufzeichnungen von Lötstellen</numerusform>
      </translation>
    </message>
    <message numerus="yes">
      <source>%n step(s)</source>
      <translation>
        <numerusform>%n Schritt</numerusform>
        <numerusform>%n Schritte</numerusform>
      </translation>
    </message>
    <message numerus="yes">
      <source>%n stop(s)</source>
      <translation>
        <numerusform>%n Halt</numerusform>
        <numerusform>%n Halte</numerusform>
      </translation>
    </message>
    <message numerus="yes">
      <source>%n tool(s)</source>
      <translation>
        <numerusform>%n Werkzeug</numerusform>
        <numerusform>%n Werkzeuge</numerusform>
      </translation>
    </message>
    <message numerus="yes">
      <source>%n weld pair(s)</source>
      <translation>
        <numerusform>%n Schweißpaar</numerusform>
        <numerusform>%n Schweißpaare</numerusform>
      </translation>
    </message>
    <message numerus="yes">
      <source>%n wire(s)</source>
      <translation>
        <numerusform>%n Leitung</numerusform>
        <numerusform>%n Leitungen</numerusform>
      </translation>
    </message>
    <message>
      <location filename="firmcell/app/bench_commands.py" />
      <source>meter</source>
      <translation>Messgerät</translation>
    </message>
    <message>
      <location filename="firmcell/app/bench_picture.py" />
      <source>Prepare</source>
      <translation>Vorbereiten</translation>
    </message>
    <message>
      <location filename="firmcell/app/bench_screen.py" />
      <source>%1   ·   Esc: leave</source>
      <translation>%1   ·   Esc: verlassen</translation>
    </message>
    <message>
      <location filename="firmcell/app/bench_screen.py" />
      <source>Answer of the program</source>
      <translation>Antwort des Programms</translation>
    </message>
    <message>
      <location filename="firmcell/app/bench_screen.py" />
      <source>Bench mode</source>
      <translation>Werkbankmodus</translation>
    </message>
    <message>
      <location filename="firmcell/app/bench_screen.py" />
      <source>Digits, then Enter   ·   Backspace: back   ·   Tab: turn the picture</source>
      <translation>Ziffern, dann Eingabe   ·   Rücktaste: zurück   ·   Tab: Bild drehen</translation>
    </message>
    <message>
      <location filename="firmcell/app/bench_screen.py" />
      <source>Esc: leave bench mode</source>
      <translation>Esc: Werkbankmodus verlassen</translation>
    </message>
    <message>
      <location filename="firmcell/app/bench_screen.py" />
      <source>Every step is passed. The passport is ready.</source>
      <translation>Jeder Schritt ist bestanden. Der Pass ist fertig.</translation>
    </message>
    <message>
      <location filename="firmcell/app/bench_screen.py" />
      <source>Not right: %1?</source>
      <translation>Nicht richtig: %1?</translation>
    </message>
    <message>
      <location filename="firmcell/app/bench_screen.py" />
      <source>Space: go there</source>
      <translation>Leertaste: dorthin gehen</translation>
    </message>
    <message>
      <location filename="firmcell/app/bench_screen.py" />
      <source>Space: it is right   ·   Backspace: not right   ·   Tab: turn the picture</source>
      <translation>Leertaste: es stimmt   ·   Rücktaste: nicht richtig   ·   Tab: Bild drehen</translation>
    </message>
    <message>
      <location filename="firmcell/app/bench_screen.py" />
      <source>Space: passed   ·   Backspace: not right   ·   Tab: turn the picture</source>
      <translation>Leertaste: bestanden   ·   Rücktaste: nicht richtig   ·   Tab: Bild drehen</translation>
    </message>
    <message>
      <location filename="firmcell/app/bench_screen.py" />
      <source>Space: record it as not right   ·   Backspace: it was a slip</source>
      <translation>Leertaste: als nicht richtig eintragen   ·   Rücktaste: es war ein Versehen</translation>
    </message>
    <message>
      <location filename="firmcell/app/bench_screen.py" />
      <source>Space: yes   ·   Backspace: no   ·   Tab: turn the picture</source>
      <translation>Leertaste: ja   ·   Rücktaste: nein   ·   Tab: Bild drehen</translation>
    </message>
    <message>
      <location filename="firmcell/app/bench_screen.py" />
      <source>Step %1 of %2 · %3%4 · about %5 of work left</source>
      <translation>Schritt %1 von %2 · %3%4 · noch etwa %5 Arbeit</translation>
    </message>
    <message>
      <location filename="firmcell/app/bench_screen.py" />
      <source>Type, then Enter   ·   Backspace: back</source>
      <translation>Tippen, dann Eingabe   ·   Rücktaste: zurück</translation>
    </message>
    <message>
      <location filename="firmcell/app/bench_screen.py" />
      <source>· hold point</source>
      <translation>· Haltepunkt</translation>
    </message>
    <message>
      <location filename="firmcell/app/bench_walk.py" />
      <source>%1: %2 to %3 is right. Enter records it as it is.</source>
      <translation>%1: richtig ist %2 bis %3. Eingabe trägt es ein, wie es ist.</translation>
    </message>
    <message>
      <location filename="firmcell/app/bench_walk.py" />
      <source>Recorded as not right: %1. Do it again.</source>
      <translation>Als nicht richtig eingetragen: %1. Noch einmal machen.</translation>
    </message>
    <message>
      <location filename="firmcell/app/bench_walk.py" />
      <source>this step</source>
      <translation>dieser Schritt</translation>
    </message>
    <message>
      <location filename="firmcell/app/board_dialog.py" />
      <source>main</source>
      <translation>Haupt</translation>
    </message>
    <message>
      <location filename="firmcell/app/board_dialog.py" />
      <source>source</source>
      <translation>Quelle</translation>
    </message>
    <message>
      <location filename="firmcell/app/canvas/measures.py" />
      <source>attention</source>
      <translation>Achtung</translation>
    </message>
    <message>
      <location filename="firmcell/app/canvas/measures.py" />
      <source>look</source>
      <translation>ansehen</translation>
    </message>
    <message>
      <location filename="firmcell/app/canvas/measures.py" />
      <source>stop</source>
      <translation>Halt</translation>
    </message>
    <message>
      <location filename="firmcell/app/canvas/painter.py" />
      <source>bench</source>
      <translation>Werkbank</translation>
    </message>
    <message>
      <location filename="firmcell/app/canvas/painter.py" />
      <source>grid</source>
      <translation>Raster</translation>
    </message>
    <message>
      <location filename="firmcell/app/canvas/painter.py" />
      <source>wiring</source>
      <translation>Verdrahtung</translation>
    </message>
    <message>
      <location filename="firmcell/app/canvas/tools.py" />
      <source>Ctrl+1</source>
      <translation>Strg+1</translation>
    </message>
    <message>
      <location filename="firmcell/app/canvas/tools.py" />
      <source>Ctrl+2</source>
      <translation>Strg+2</translation>
    </message>
    <message>
      <location filename="firmcell/app/canvas/tools.py" />
      <source>Ctrl+3</source>
      <translation>Strg+3</translation>
    </message>
    <message>
      <location filename="firmcell/app/canvas/tools.py" />
      <source>Ctrl+4</source>
      <translation>Strg+4</translation>
    </message>
    <message>
      <location filename="firmcell/app/canvas/tools.py" />
      <source>Ctrl+5</source>
      <translation>Strg+5</translation>
    </message>
    <message>
      <location filename="firmcell/app/canvas/tools.py" />
      <source>Ctrl+6</source>
      <translation>Strg+6</translation>
    </message>
    <message>
      <location filename="firmcell/app/canvas/tools.py" />
      <source>Ctrl+7</source>
      <translation>Strg+7</translation>
    </message>
    <message>
      <location filename="firmcell/app/canvas/tools.py" />
      <source>Ctrl+8</source>
      <translation>Strg+8</translation>
    </message>
    <message>
      <location filename="firmcell/app/canvas/tools.py" />
      <source>Ctrl+9</source>
      <translation>Strg+9</translation>
    </message>
    <message>
      <location filename="firmcell/app/canvas/tools.py" />
      <source>Ctrl+K</source>
      <translation>Strg+K</translation>
    </message>
    <message>
      <location filename="firmcell/app/canvas/tools.py" />
      <source>Ctrl+L</source>
      <translation>Strg+L</translation>
    </message>
    <message>
      <location filename="firmcell/app/canvas/tools.py" />
      <source>Ctrl+M</source>
      <translation>Strg+M</translation>
    </message>
    <message>
      <location filename="firmcell/app/canvas/tools.py" />
      <source>Ctrl+Shift+L</source>
      <translation>Strg+Umschalt+L</translation>
    </message>
    <message>
      <location filename="firmcell/app/canvas/tools.py" />
      <source>Ctrl+U</source>
      <translation>Strg+U</translation>
    </message>
    <message>
      <location filename="firmcell/app/canvas/tools.py" />
      <source>block a place</source>
      <translation>einen Platz sperren</translation>
    </message>
    <message>
      <location filename="firmcell/app/canvas/tools.py" />
      <source>draw or remove a strip</source>
      <translation>einen Streifen zeichnen oder entfernen</translation>
    </message>
    <message>
      <location filename="firmcell/app/canvas/tools.py" />
      <source>lay a ladder</source>
      <translation>eine Leiter legen</translation>
    </message>
    <message>
      <location filename="firmcell/app/canvas/tools.py" />
      <source>let minus leave here</source>
      <translation>Minus hier austreten lassen</translation>
    </message>
    <message>
      <location filename="firmcell/app/canvas/tools.py" />
      <source>let plus leave here</source>
      <translation>Plus hier austreten lassen</translation>
    </message>
    <message>
      <location filename="firmcell/app/canvas/tools.py" />
      <source>lock or unlock</source>
      <translation>festhalten oder lösen</translation>
    </message>
    <message>
      <location filename="firmcell/app/canvas/tools.py" />
      <source>measure</source>
      <translation>messen</translation>
    </message>
    <message>
      <location filename="firmcell/app/canvas/tools.py" />
      <source>move a cell</source>
      <translation>eine Zelle verschieben</translation>
    </message>
    <message>
      <location filename="firmcell/app/canvas/tools.py" />
      <source>number the groups</source>
      <translation>die Gruppen nummerieren</translation>
    </message>
    <message>
      <location filename="firmcell/app/canvas/tools.py" />
      <source>paint into a group</source>
      <translation>in eine Gruppe malen</translation>
    </message>
    <message>
      <location filename="firmcell/app/canvas/tools.py" />
      <source>pick cells</source>
      <translation>Zellen wählen</translation>
    </message>
    <message>
      <location filename="firmcell/app/canvas/tools.py" />
      <source>swap two cells</source>
      <translation>zwei Zellen tauschen</translation>
    </message>
    <message>
      <location filename="firmcell/app/canvas/tools.py" />
      <source>turn a cell</source>
      <translation>eine Zelle drehen</translation>
    </message>
    <message>
      <location filename="firmcell/app/canvas/view.py" />
      <source>Arrow keys move, plus and minus zoom, 0 fits; brackets walk from part to part.</source>
      <translation>Pfeiltasten verschieben, Plus und Minus zoomen, 0 passt ein; Klammern gehen von Teil zu Teil.</translation>
    </message>
    <message>
      <location filename="firmcell/app/canvas/view.py" />
      <source>Picture of the pack</source>
      <translation>Bild des Packs</translation>
    </message>
    <message>
      <location filename="firmcell/app/connector_list.py" />
      <source>Connectors, best first</source>
      <translation>Stecker, der beste zuerst</translation>
    </message>
    <message>
      <location filename="firmcell/app/connector_list.py" />
      <source>fine</source>
      <translation>in Ordnung</translation>
    </message>
    <message>
      <location filename="firmcell/app/csv_preview.py" />
      <source>Cell</source>
      <translation>Zelle</translation>
    </message>
    <message>
      <location filename="firmcell/app/drawing_paint.py" />
      <source>end</source>
      <translation>Ende</translation>
    </message>
    <message>
      <location filename="firmcell/app/existing_form.py" />
      <source>&amp;Board in it</source>
      <translation>&amp;Platine darin</translation>
    </message>
    <message>
      <location filename="firmcell/app/existing_form.py" />
      <source>&amp;Cell</source>
      <translation>&amp;Zelle</translation>
    </message>
    <message>
      <location filename="firmcell/app/existing_form.py" />
      <source>&amp;Groups in series</source>
      <translation>&amp;Gruppen in Reihe</translation>
    </message>
    <message>
      <location filename="firmcell/app/existing_form.py" />
      <source>&amp;Wire of its leads</source>
      <translation>&amp;Draht seiner Leitungen</translation>
    </message>
    <message>
      <location filename="firmcell/app/existing_form.py" />
      <source>Cells in &amp;parallel</source>
      <translation>Zellen &amp;parallel</translation>
    </message>
    <message>
      <location filename="firmcell/app/existing_form.py" />
      <source>Conn&amp;ector on it</source>
      <translation>&amp;Stecker daran</translation>
    </message>
    <message>
      <location filename="firmcell/app/existing_form.py" />
      <source>F&amp;use in it</source>
      <translation>S&amp;icherung darin</translation>
    </message>
    <message>
      <location filename="firmcell/app/existing_form.py" />
      <source>The pack as it is. Nothing is proposed over it; what is not known counts as the worst.</source>
      <translation>Der Pack, wie er ist. Nichts wird darüber vorgeschlagen; was nicht bekannt ist, gilt als das Schlechteste.</translation>
    </message>
    <message>
      <location filename="firmcell/app/existing_form.py" />
      <source>board</source>
      <translation>Platine</translation>
    </message>
    <message>
      <location filename="firmcell/app/existing_form.py" />
      <source>cell</source>
      <translation>Zelle</translation>
    </message>
    <message>
      <location filename="firmcell/app/existing_form.py" />
      <source>choose its class, or its size alone</source>
      <translation>ihre Klasse wählen, oder nur ihre Größe</translation>
    </message>
    <message>
      <location filename="firmcell/app/existing_form.py" />
      <source>connector</source>
      <translation>Stecker</translation>
    </message>
    <message>
      <location filename="firmcell/app/existing_form.py" />
      <source>fuse</source>
      <translation>Sicherung</translation>
    </message>
    <message>
      <location filename="firmcell/app/existing_form.py" />
      <source>none</source>
      <translation>keine</translation>
    </message>
    <message>
      <location filename="firmcell/app/existing_form.py" />
      <source>wire</source>
      <translation>Leitung</translation>
    </message>
    <message>
      <location filename="firmcell/app/fields.py" />
      <source>from %1</source>
      <translation>von %1</translation>
    </message>
    <message>
      <location filename="firmcell/app/fields.py" />
      <source>low</source>
      <translation>tief</translation>
    </message>
    <message>
      <location filename="firmcell/app/find_box.py" />
      <source>Find</source>
      <translation>Suchen</translation>
    </message>
    <message>
      <location filename="firmcell/app/find_box.py" />
      <source>Find a command, a finding, a step or a part</source>
      <translation>Einen Befehl, Befund, Schritt oder ein Teil suchen</translation>
    </message>
    <message>
      <location filename="firmcell/app/find_box.py" />
      <source>Part</source>
      <translation>Teil</translation>
    </message>
    <message>
      <location filename="firmcell/app/find_box.py" />
      <source>Step</source>
      <translation>Schritt</translation>
    </message>
    <message>
      <location filename="firmcell/app/find_box.py" />
      <source>What fits</source>
      <translation>Was passt</translation>
    </message>
    <message>
      <location filename="firmcell/app/find_box.py" />
      <source>a command, a finding, a step, a cell or strip</source>
      <translation>ein Befehl, ein Befund, ein Schritt, eine Zelle oder ein Streifen</translation>
    </message>
    <message>
      <location filename="firmcell/app/findings_box.py" />
      <source>All findings</source>
      <translation>Alle Befunde</translation>
    </message>
    <message>
      <location filename="firmcell/app/findings_box.py" />
      <source>All findings, or the worst alone (F6)</source>
      <translation>Alle Befunde, oder nur der schwerste (F6)</translation>
    </message>
    <message>
      <location filename="firmcell/app/findings_box.py" />
      <source>Findings: %1.   Enter goes there, Ctrl+. applies a fix</source>
      <translation>Befunde: %1.   Eingabe geht dorthin, Strg+. wendet eine Abhilfe an</translation>
    </message>
    <message>
      <location filename="firmcell/app/findings_box.py" />
      <source>Nothing found wrong</source>
      <translation>Nichts zu beanstanden</translation>
    </message>
    <message>
      <location filename="firmcell/app/findings_box.py" />
      <source>no</source>
      <translation>nein</translation>
    </message>
    <message>
      <location filename="firmcell/app/findings_box.py" />
      <source>note</source>
      <translation>Hinweis</translation>
    </message>
    <message>
      <location filename="firmcell/app/findings_box.py" />
      <source>yes</source>
      <translation>ja</translation>
    </message>
    <message>
      <location filename="firmcell/app/hand_tools.py" />
      <source>Click a part to read its numbers. Drag moves the picture.</source>
      <translation>Ein Teil anklicken, um seine Zahlen zu lesen. Ziehen verschiebt das Bild.</translation>
    </message>
    <message>
      <location filename="firmcell/app/help_window.py" />
      <source>&amp;Guide</source>
      <translation>&amp;Anleitung</translation>
    </message>
    <message>
      <location filename="firmcell/app/help_window.py" />
      <source>&amp;Keys</source>
      <translation>&amp;Tasten</translation>
    </message>
    <message>
      <location filename="firmcell/app/help_window.py" />
      <source>&amp;Words of the trade</source>
      <translation>&amp;Fachwörter</translation>
    </message>
    <message>
      <location filename="firmcell/app/help_window.py" />
      <source>Chapters of the guide</source>
      <translation>Kapitel der Anleitung</translation>
    </message>
    <message>
      <location filename="firmcell/app/help_window.py" />
      <source>Find a word</source>
      <translation>Ein Wort suchen</translation>
    </message>
    <message>
      <location filename="firmcell/app/help_window.py" />
      <source>Help</source>
      <translation>Hilfe</translation>
    </message>
    <message>
      <location filename="firmcell/app/help_window.py" />
      <source>The guide</source>
      <translation>Die Anleitung</translation>
    </message>
    <message>
      <location filename="firmcell/app/help_window.py" />
      <source>Wh&amp;y</source>
      <translation>Wa&amp;rum</translation>
    </message>
    <message>
      <location filename="firmcell/app/help_window.py" />
      <source>Why a finding matters</source>
      <translation>Warum ein Befund zählt</translation>
    </message>
    <message>
      <location filename="firmcell/app/help_window.py" />
      <source>Words of the trade</source>
      <translation>Fachwörter</translation>
    </message>
    <message>
      <location filename="firmcell/app/history_window.py" />
      <source>%1: no field differs</source>
      <translation>%1: kein Feld ist anders</translation>
    </message>
    <message>
      <location filename="firmcell/app/history_window.py" />
      <source>&amp;Add a file…</source>
      <translation>Datei &amp;hinzufügen…</translation>
    </message>
    <message>
      <location filename="firmcell/app/history_window.py" />
      <source>&amp;Attachments</source>
      <translation>&amp;Anhänge</translation>
    </message>
    <message>
      <location filename="firmcell/app/history_window.py" />
      <source>&amp;Compare with</source>
      <translation>&amp;Vergleichen mit</translation>
    </message>
    <message>
      <location filename="firmcell/app/history_window.py" />
      <source>&amp;Remarks</source>
      <translation>&amp;Bemerkungen</translation>
    </message>
    <message>
      <location filename="firmcell/app/history_window.py" />
      <source>A remark to record</source>
      <translation>Eine Bemerkung zum Eintragen</translation>
    </message>
    <message>
      <location filename="firmcell/app/history_window.py" />
      <source>Added</source>
      <translation>Hinzugefügt</translation>
    </message>
    <message>
      <location filename="firmcell/app/history_window.py" />
      <source>After</source>
      <translation>Nachher</translation>
    </message>
    <message>
      <location filename="firmcell/app/history_window.py" />
      <source>Another &amp;job…</source>
      <translation>Anderer &amp;Auftrag…</translation>
    </message>
    <message>
      <location filename="firmcell/app/history_window.py" />
      <source>Before</source>
      <translation>Vorher</translation>
    </message>
    <message>
      <location filename="firmcell/app/history_window.py" />
      <source>By</source>
      <translation>Von</translation>
    </message>
    <message>
      <location filename="firmcell/app/history_window.py" />
      <source>Compared with</source>
      <translation>Verglichen mit</translation>
    </message>
    <message>
      <location filename="firmcell/app/history_window.py" />
      <source>Figure</source>
      <translation>Zahl</translation>
    </message>
    <message>
      <location filename="firmcell/app/history_window.py" />
      <source>Figures of the two designs</source>
      <translation>Zahlen der beiden Entwürfe</translation>
    </message>
    <message>
      <location filename="firmcell/app/history_window.py" />
      <source>Files kept in the job</source>
      <translation>Im Auftrag aufbewahrte Dateien</translation>
    </message>
    <message>
      <location filename="firmcell/app/history_window.py" />
      <source>History of %1</source>
      <translation>Verlauf von %1</translation>
    </message>
    <message>
      <location filename="firmcell/app/history_window.py" />
      <source>Keeps a copy of a file in the job</source>
      <translation>Bewahrt eine Kopie einer Datei im Auftrag auf</translation>
    </message>
    <message>
      <location filename="firmcell/app/history_window.py" />
      <source>Kind</source>
      <translation>Art</translation>
    </message>
    <message>
      <location filename="firmcell/app/history_window.py" />
      <source>Name</source>
      <translation>Name</translation>
    </message>
    <message>
      <location filename="firmcell/app/history_window.py" />
      <source>No.</source>
      <translation>Nr.</translation>
    </message>
    <message>
      <location filename="firmcell/app/history_window.py" />
      <source>Re&amp;cord</source>
      <translation>Ein&amp;tragen</translation>
    </message>
    <message>
      <location filename="firmcell/app/history_window.py" />
      <source>Remark</source>
      <translation>Bemerkung</translation>
    </message>
    <message>
      <location filename="firmcell/app/history_window.py" />
      <source>Remarks in the record</source>
      <translation>Bemerkungen in der Aufzeichnung</translation>
    </message>
    <message>
      <location filename="firmcell/app/history_window.py" />
      <source>Save a copy &amp;out…</source>
      <translation>Kopie &amp;herausschreiben…</translation>
    </message>
    <message>
      <location filename="firmcell/app/history_window.py" />
      <source>Saved</source>
      <translation>Gespeichert</translation>
    </message>
    <message>
      <location filename="firmcell/app/history_window.py" />
      <source>Saved &amp;designs</source>
      <translation>Gespeicherte &amp;Entwürfe</translation>
    </message>
    <message>
      <location filename="firmcell/app/history_window.py" />
      <source>Saved designs, the newest first</source>
      <translation>Gespeicherte Entwürfe, der neueste zuerst</translation>
    </message>
    <message>
      <location filename="firmcell/app/history_window.py" />
      <source>Size</source>
      <translation>Größe</translation>
    </message>
    <message>
      <location filename="firmcell/app/history_window.py" />
      <source>Take this design &amp;up again</source>
      <translation>Diesen Entwurf &amp;wieder aufnehmen</translation>
    </message>
    <message>
      <location filename="firmcell/app/history_window.py" />
      <source>The design of another job beside that picked here; that job is only read</source>
      <translation>Der Entwurf eines anderen Auftrags neben dem hier gewählten; jener Auftrag wird nur gelesen</translation>
    </message>
    <message>
      <location filename="firmcell/app/history_window.py" />
      <source>The design on screen becomes this one; Undo takes it back</source>
      <translation>Der Entwurf auf dem Bildschirm wird zu diesem; Rückgängig nimmt es zurück</translation>
    </message>
    <message>
      <location filename="firmcell/app/history_window.py" />
      <source>Time</source>
      <translation>Zeit</translation>
    </message>
    <message>
      <location filename="firmcell/app/history_window.py" />
      <source>What</source>
      <translation>Was</translation>
    </message>
    <message>
      <location filename="firmcell/app/history_window.py" />
      <source>What differs between the two designs</source>
      <translation>Was bei den beiden Entwürfen anders ist</translation>
    </message>
    <message>
      <location filename="firmcell/app/history_window.py" />
      <source>What happened</source>
      <translation>Was geschah</translation>
    </message>
    <message>
      <location filename="firmcell/app/history_window.py" />
      <source>What the job holds</source>
      <translation>Was der Auftrag enthält</translation>
    </message>
    <message>
      <location filename="firmcell/app/history_window.py" />
      <source>What was done</source>
      <translation>Was getan wurde</translation>
    </message>
    <message>
      <location filename="firmcell/app/history_window.py" />
      <source>Writes the picked one to a file</source>
      <translation>Schreibt das Gewählte in eine Datei</translation>
    </message>
    <message>
      <location filename="firmcell/app/history_window.py" />
      <source>the one before</source>
      <translation>der davor</translation>
    </message>
    <message>
      <location filename="firmcell/app/history_window.py" />
      <source>what the next one to open this pack should know</source>
      <translation>was der Nächste wissen soll, der diesen Pack öffnet</translation>
    </message>
    <message>
      <location filename="firmcell/app/instruments_window.py" />
      <source>not known</source>
      <translation>nicht bekannt</translation>
    </message>
    <message>
      <location filename="firmcell/app/iron_clock.py" />
      <source>%1 s on the joint, %2 s at most. Tab when the tip lifts. %3</source>
      <translation>%1 s auf der Verbindung, höchstens %2 s. Tab, wenn die Spitze abhebt. %3</translation>
    </message>
    <message>
      <location filename="firmcell/app/iron_clock.py" />
      <source>%1 s: lift the iron. More than %2 s heats what lies behind.</source>
      <translation>%1 s: den Lötkolben abheben. Mehr als %2 s erhitzt, was dahinterliegt.</translation>
    </message>
    <message>
      <location filename="firmcell/app/iron_clock.py" />
      <source>Off for %1 s. Hold still until the shine goes dull; Enter takes the time.</source>
      <translation>Seit %1 s abgehoben. Stillhalten, bis der Glanz matt wird; Eingabe übernimmt die Zeit.</translation>
    </message>
    <message>
      <location filename="firmcell/app/iron_clock.py" />
      <source>With %1 W it is hot after about %2 s.</source>
      <translation>Mit %1 W ist es nach etwa %2 s heiß.</translation>
    </message>
    <message>
      <location filename="firmcell/app/iron_clock.py" />
      <source>With %1 W it is hot after about %2 s: too slow. %3 W is right.</source>
      <translation>Mit %1 W ist es nach etwa %2 s heiß: zu langsam. %3 W sind richtig.</translation>
    </message>
    <message>
      <location filename="firmcell/app/iron_clock.py" />
      <source>seconds</source>
      <translation>Sekunden</translation>
    </message>
    <message>
      <location filename="firmcell/app/job_commands.py" />
      <source>Ring</source>
      <translation>Ring</translation>
    </message>
    <message>
      <location filename="firmcell/app/job_commands.py" />
      <source>Take the %1</source>
      <translation>%1 nehmen</translation>
    </message>
    <message>
      <location filename="firmcell/app/job_commands.py" />
      <source>label</source>
      <translation>Etikett</translation>
    </message>
    <message>
      <location filename="firmcell/app/job_list_window.py" />
      <source>%1: looking …</source>
      <translation>%1: wird durchgesehen …</translation>
    </message>
    <message>
      <location filename="firmcell/app/job_list_window.py" />
      <source>&amp;Find</source>
      <translation>&amp;Suchen</translation>
    </message>
    <message>
      <location filename="firmcell/app/job_list_window.py" />
      <source>Job</source>
      <translation>Auftrag</translation>
    </message>
    <message>
      <location filename="firmcell/app/job_list_window.py" />
      <source>Stands</source>
      <translation>Steht</translation>
    </message>
    <message>
      <location filename="firmcell/app/learning.py" />
      <source>leads</source>
      <translation>Leitungen</translation>
    </message>
    <message>
      <location filename="firmcell/app/learning.py" />
      <source>orchard-hoist</source>
      <translation>orchard-hoist</translation>
    </message>
    <message>
      <location filename="firmcell/app/main_window.py" />
      <source>%1[*] – %2 – Firm Cell</source>
      <translation>%1[*] – %2 – Firm Cell</translation>
    </message>
    <message>
      <location filename="firmcell/app/main_window.py" />
      <source>Firm Cell</source>
      <translation>Firm Cell</translation>
    </message>
    <message>
      <location filename="firmcell/app/main_window.py" />
      <source>Numbers of the part picked</source>
      <translation>Zahlen des gewählten Teils</translation>
    </message>
    <message>
      <location filename="firmcell/app/measured_files.py" />
      <source>cell %1</source>
      <translation>Zelle %1</translation>
    </message>
    <message>
      <location filename="firmcell/app/menus.py" />
      <source>&amp;Across all jobs…</source>
      <translation>Über &amp;alle Aufträge…</translation>
    </message>
    <message>
      <location filename="firmcell/app/menus.py" />
      <source>&amp;Bench</source>
      <translation>&amp;Werkbank</translation>
    </message>
    <message>
      <location filename="firmcell/app/menus.py" />
      <source>&amp;Bench mode, large type</source>
      <translation>&amp;Werkbankmodus, große Schrift</translation>
    </message>
    <message>
      <location filename="firmcell/app/menus.py" />
      <source>&amp;Both faces</source>
      <translation>&amp;Beide Seiten</translation>
    </message>
    <message>
      <location filename="firmcell/app/menus.py" />
      <source>&amp;Cells in stock…</source>
      <translation>&amp;Zellen im Lager…</translation>
    </message>
    <message>
      <location filename="firmcell/app/menus.py" />
      <source>&amp;Copy the picture</source>
      <translation>Bild &amp;kopieren</translation>
    </message>
    <message>
      <location filename="firmcell/app/menus.py" />
      <source>&amp;Edit</source>
      <translation>&amp;Bearbeiten</translation>
    </message>
    <message>
      <location filename="firmcell/app/menus.py" />
      <source>&amp;Find a command or a part…</source>
      <translation>Befehl oder Teil &amp;suchen…</translation>
    </message>
    <message>
      <location filename="firmcell/app/menus.py" />
      <source>&amp;Fit the picture</source>
      <translation>Bild &amp;einpassen</translation>
    </message>
    <message>
      <location filename="firmcell/app/menus.py" />
      <source>&amp;Go</source>
      <translation>&amp;Gehe zu</translation>
    </message>
    <message>
      <location filename="firmcell/app/menus.py" />
      <source>&amp;Guide to this page</source>
      <translation>&amp;Anleitung zu dieser Seite</translation>
    </message>
    <message>
      <location filename="firmcell/app/menus.py" />
      <source>&amp;Hand</source>
      <translation>&amp;Hand</translation>
    </message>
    <message>
      <location filename="firmcell/app/menus.py" />
      <source>&amp;History, remarks, attachments…</source>
      <translation>&amp;Verlauf, Bemerkungen, Anhänge…</translation>
    </message>
    <message>
      <location filename="firmcell/app/menus.py" />
      <source>&amp;Inch (in, AWG, °F)</source>
      <translation>&amp;Zoll (in, AWG, °F)</translation>
    </message>
    <message>
      <location filename="firmcell/app/menus.py" />
      <source>&amp;Incident: smoke, heat, a short…</source>
      <translation>&amp;Vorfall: Rauch, Hitze, Kurzschluss…</translation>
    </message>
    <message>
      <location filename="firmcell/app/menus.py" />
      <source>&amp;Job</source>
      <translation>&amp;Auftrag</translation>
    </message>
    <message>
      <location filename="firmcell/app/menus.py" />
      <source>&amp;Keys and words…</source>
      <translation>&amp;Tasten und Fachwörter…</translation>
    </message>
    <message>
      <location filename="firmcell/app/menus.py" />
      <source>&amp;Light or dark</source>
      <translation>&amp;Hell oder dunkel</translation>
    </message>
    <message>
      <location filename="firmcell/app/menus.py" />
      <source>&amp;Live metal on the picture</source>
      <translation>&amp;Blankes Metall unter Spannung im Bild</translation>
    </message>
    <message>
      <location filename="firmcell/app/menus.py" />
      <source>&amp;Match cells into this pack…</source>
      <translation>Zellen in diesen Akku &amp;sortieren…</translation>
    </message>
    <message>
      <location filename="firmcell/app/menus.py" />
      <source>&amp;Meter…</source>
      <translation>&amp;Messgerät…</translation>
    </message>
    <message>
      <location filename="firmcell/app/menus.py" />
      <source>&amp;Metric (mm, mm², °C)</source>
      <translation>&amp;Metrisch (mm, mm², °C)</translation>
    </message>
    <message>
      <location filename="firmcell/app/menus.py" />
      <source>&amp;New job…</source>
      <translation>&amp;Neuer Auftrag…</translation>
    </message>
    <message>
      <location filename="firmcell/app/menus.py" />
      <source>&amp;Not right…</source>
      <translation>&amp;Nicht in Ordnung…</translation>
    </message>
    <message>
      <location filename="firmcell/app/menus.py" />
      <source>&amp;Open…</source>
      <translation>Ö&amp;ffnen…</translation>
    </message>
    <message>
      <location filename="firmcell/app/menus.py" />
      <source>&amp;Passed</source>
      <translation>&amp;Bestanden</translation>
    </message>
    <message>
      <location filename="firmcell/app/menus.py" />
      <source>&amp;Practise with a hidden fault…</source>
      <translation>Mit verstecktem Fehler &amp;üben…</translation>
    </message>
    <message>
      <location filename="firmcell/app/menus.py" />
      <source>&amp;Quit</source>
      <translation>&amp;Beenden</translation>
    </message>
    <message>
      <location filename="firmcell/app/menus.py" />
      <source>&amp;Rating plate, large or in a line</source>
      <translation>&amp;Typenschild, groß oder in einer Zeile</translation>
    </message>
    <message>
      <location filename="firmcell/app/menus.py" />
      <source>&amp;Read with the meter</source>
      <translation>Mit dem Messgerät &amp;ablesen</translation>
    </message>
    <message>
      <location filename="firmcell/app/menus.py" />
      <source>&amp;Redo</source>
      <translation>&amp;Wiederholen</translation>
    </message>
    <message>
      <location filename="firmcell/app/menus.py" />
      <source>&amp;Save now</source>
      <translation>Jetzt &amp;speichern</translation>
    </message>
    <message>
      <location filename="firmcell/app/menus.py" />
      <source>&amp;Scan cells into their places…</source>
      <translation>Zellen an ihre Plätze s&amp;cannen…</translation>
    </message>
    <message>
      <location filename="firmcell/app/menus.py" />
      <source>&amp;Section through the pack</source>
      <translation>&amp;Schnitt durch den Pack</translation>
    </message>
    <message>
      <location filename="firmcell/app/menus.py" />
      <source>&amp;Start page</source>
      <translation>&amp;Startseite</translation>
    </message>
    <message>
      <location filename="firmcell/app/menus.py" />
      <source>&amp;Turn over about the other axis</source>
      <translation>Um die andere Achse &amp;wenden</translation>
    </message>
    <message>
      <location filename="firmcell/app/menus.py" />
      <source>&amp;Undo</source>
      <translation>&amp;Rückgängig</translation>
    </message>
    <message>
      <location filename="firmcell/app/menus.py" />
      <source>&amp;View</source>
      <translation>A&amp;nsicht</translation>
    </message>
    <message>
      <location filename="firmcell/app/menus.py" />
      <source>&amp;Watch a charge or a capacity test…</source>
      <translation>Eine Ladung oder Kapazitätsprüfung &amp;überwachen…</translation>
    </message>
    <message>
      <location filename="firmcell/app/menus.py" />
      <source>&amp;Where the register is…</source>
      <translation>&amp;Wo das Register liegt…</translation>
    </message>
    <message>
      <location filename="firmcell/app/menus.py" />
      <source>&amp;Who is at the bench…</source>
      <translation>&amp;Wer an der Werkbank ist…</translation>
    </message>
    <message>
      <location filename="firmcell/app/menus.py" />
      <source>&amp;Workshop</source>
      <translation>&amp;Werkstatt</translation>
    </message>
    <message>
      <location filename="firmcell/app/menus.py" />
      <source>&amp;Zoom to the part picked</source>
      <translation>Auf das gewählte Teil &amp;zoomen</translation>
    </message>
    <message>
      <location filename="firmcell/app/menus.py" />
      <source>+ and −</source>
      <translation>+ und −</translation>
    </message>
    <message>
      <location filename="firmcell/app/menus.py" />
      <source>All f&amp;indings, or the worst</source>
      <translation>Alle &amp;Befunde, oder der schwerste</translation>
    </message>
    <message>
      <location filename="firmcell/app/menus.py" />
      <source>Alt+%1</source>
      <translation>Alt+%1</translation>
    </message>
    <message>
      <location filename="firmcell/app/menus.py" />
      <source>Apply the &amp;fix of the finding</source>
      <translation>&amp;Abhilfe des Befunds anwenden</translation>
    </message>
    <message>
      <location filename="firmcell/app/menus.py" />
      <source>Arrows</source>
      <translation>Pfeiltasten</translation>
    </message>
    <message>
      <location filename="firmcell/app/menus.py" />
      <source>As the desktop</source>
      <translation>Wie der Schreibtisch</translation>
    </message>
    <message>
      <location filename="firmcell/app/menus.py" />
      <source>Botto&amp;m face alone</source>
      <translation>Nur die &amp;Unterseite</translation>
    </message>
    <message>
      <location filename="firmcell/app/menus.py" />
      <source>Button bo&amp;x or pedals…</source>
      <translation>&amp;Tastenkasten oder Pedale…</translation>
    </message>
    <message>
      <location filename="firmcell/app/menus.py" />
      <source>Ctrl+.</source>
      <translation>Strg+.</translation>
    </message>
    <message>
      <location filename="firmcell/app/menus.py" />
      <source>Ctrl+0</source>
      <translation>Strg+0</translation>
    </message>
    <message>
      <location filename="firmcell/app/menus.py" />
      <source>Ctrl+Alt+1</source>
      <translation>Strg+Alt+1</translation>
    </message>
    <message>
      <location filename="firmcell/app/menus.py" />
      <source>Ctrl+Alt+2</source>
      <translation>Strg+Alt+2</translation>
    </message>
    <message>
      <location filename="firmcell/app/menus.py" />
      <source>Ctrl+Alt+3</source>
      <translation>Strg+Alt+3</translation>
    </message>
    <message>
      <location filename="firmcell/app/menus.py" />
      <source>Ctrl+Alt+A</source>
      <translation>Strg+Alt+A</translation>
    </message>
    <message>
      <location filename="firmcell/app/menus.py" />
      <source>Ctrl+Alt+C</source>
      <translation>Strg+Alt+C</translation>
    </message>
    <message>
      <location filename="firmcell/app/menus.py" />
      <source>Ctrl+Alt+D</source>
      <translation>Strg+Alt+D</translation>
    </message>
    <message>
      <location filename="firmcell/app/menus.py" />
      <source>Ctrl+Alt+G</source>
      <translation>Strg+Alt+G</translation>
    </message>
    <message>
      <location filename="firmcell/app/menus.py" />
      <source>Ctrl+Alt+H</source>
      <translation>Strg+Alt+H</translation>
    </message>
    <message>
      <location filename="firmcell/app/menus.py" />
      <source>Ctrl+Alt+I</source>
      <translation>Strg+Alt+I</translation>
    </message>
    <message>
      <location filename="firmcell/app/menus.py" />
      <source>Ctrl+Alt+J</source>
      <translation>Strg+Alt+J</translation>
    </message>
    <message>
      <location filename="firmcell/app/menus.py" />
      <source>Ctrl+Alt+K</source>
      <translation>Strg+Alt+K</translation>
    </message>
    <message>
      <location filename="firmcell/app/menus.py" />
      <source>Ctrl+Alt+L</source>
      <translation>Strg+Alt+L</translation>
    </message>
    <message>
      <location filename="firmcell/app/menus.py" />
      <source>Ctrl+Alt+O</source>
      <translation>Strg+Alt+O</translation>
    </message>
    <message>
      <location filename="firmcell/app/menus.py" />
      <source>Ctrl+Alt+P</source>
      <translation>Strg+Alt+P</translation>
    </message>
    <message>
      <location filename="firmcell/app/menus.py" />
      <source>Ctrl+Alt+R</source>
      <translation>Strg+Alt+R</translation>
    </message>
    <message>
      <location filename="firmcell/app/menus.py" />
      <source>Ctrl+Alt+S</source>
      <translation>Strg+Alt+S</translation>
    </message>
    <message>
      <location filename="firmcell/app/menus.py" />
      <source>Ctrl+Alt+T</source>
      <translation>Strg+Alt+T</translation>
    </message>
    <message>
      <location filename="firmcell/app/menus.py" />
      <source>Ctrl+Alt+W</source>
      <translation>Strg+Alt+W</translation>
    </message>
    <message>
      <location filename="firmcell/app/menus.py" />
      <source>Ctrl+D</source>
      <translation>Strg+D</translation>
    </message>
    <message>
      <location filename="firmcell/app/menus.py" />
      <source>Ctrl+E</source>
      <translation>Strg+E</translation>
    </message>
    <message>
      <location filename="firmcell/app/menus.py" />
      <source>Ctrl+F</source>
      <translation>Strg+F</translation>
    </message>
    <message>
      <location filename="firmcell/app/menus.py" />
      <source>Ctrl+F1</source>
      <translation>Strg+F1</translation>
    </message>
    <message>
      <location filename="firmcell/app/menus.py" />
      <source>Ctrl+H</source>
      <translation>Strg+H</translation>
    </message>
    <message>
      <location filename="firmcell/app/menus.py" />
      <source>Ctrl+N</source>
      <translation>Strg+N</translation>
    </message>
    <message>
      <location filename="firmcell/app/menus.py" />
      <source>Ctrl+O</source>
      <translation>Strg+O</translation>
    </message>
    <message>
      <location filename="firmcell/app/menus.py" />
      <source>Ctrl+P</source>
      <translation>Strg+P</translation>
    </message>
    <message>
      <location filename="firmcell/app/menus.py" />
      <source>Ctrl+PgDown</source>
      <translation>Strg+PgDown</translation>
    </message>
    <message>
      <location filename="firmcell/app/menus.py" />
      <source>Ctrl+PgUp</source>
      <translation>Strg+PgUp</translation>
    </message>
    <message>
      <location filename="firmcell/app/menus.py" />
      <source>Ctrl+Q</source>
      <translation>Strg+Q</translation>
    </message>
    <message>
      <location filename="firmcell/app/menus.py" />
      <source>Ctrl+R</source>
      <translation>Strg+R</translation>
    </message>
    <message>
      <location filename="firmcell/app/menus.py" />
      <source>Ctrl+S</source>
      <translation>Strg+S</translation>
    </message>
    <message>
      <location filename="firmcell/app/menus.py" />
      <source>Ctrl+Shift+0</source>
      <translation>Strg+Umschalt+0</translation>
    </message>
    <message>
      <location filename="firmcell/app/menus.py" />
      <source>Ctrl+Shift+H</source>
      <translation>Strg+Umschalt+H</translation>
    </message>
    <message>
      <location filename="firmcell/app/menus.py" />
      <source>Ctrl+Shift+O</source>
      <translation>Strg+Umschalt+O</translation>
    </message>
    <message>
      <location filename="firmcell/app/menus.py" />
      <source>Ctrl+Shift+P</source>
      <translation>Strg+Umschalt+P</translation>
    </message>
    <message>
      <location filename="firmcell/app/menus.py" />
      <source>Ctrl+Shift+S</source>
      <translation>Strg+Umschalt+S</translation>
    </message>
    <message>
      <location filename="firmcell/app/menus.py" />
      <source>Ctrl+Shift+Z</source>
      <translation>Strg+Umschalt+Z</translation>
    </message>
    <message>
      <location filename="firmcell/app/menus.py" />
      <source>Ctrl+Space</source>
      <translation>Strg+Leertaste</translation>
    </message>
    <message>
      <location filename="firmcell/app/menus.py" />
      <source>Ctrl+T</source>
      <translation>Strg+T</translation>
    </message>
    <message>
      <location filename="firmcell/app/menus.py" />
      <source>Ctrl+W</source>
      <translation>Strg+W</translation>
    </message>
    <message>
      <location filename="firmcell/app/menus.py" />
      <source>Ctrl+Z</source>
      <translation>Strg+Z</translation>
    </message>
    <message>
      <location filename="firmcell/app/menus.py" />
      <source>Enter</source>
      <translation>Eingabe</translation>
    </message>
    <message>
      <location filename="firmcell/app/menus.py" />
      <source>Esc</source>
      <translation>Esc</translation>
    </message>
    <message>
      <location filename="firmcell/app/menus.py" />
      <source>Focus on findings</source>
      <translation>Zu den Befunden</translation>
    </message>
    <message>
      <location filename="firmcell/app/menus.py" />
      <source>Focus on page</source>
      <translation>Zur Seite</translation>
    </message>
    <message>
      <location filename="firmcell/app/menus.py" />
      <source>Focus on picture</source>
      <translation>Zum Bild</translation>
    </message>
    <message>
      <location filename="firmcell/app/menus.py" />
      <source>Focus on stages</source>
      <translation>Zu den Abschnitten</translation>
    </message>
    <message>
      <location filename="firmcell/app/menus.py" />
      <source>He&amp;lp</source>
      <translation>Hil&amp;fe</translation>
    </message>
    <message>
      <location filename="firmcell/app/menus.py" />
      <source>In lists</source>
      <translation>In Listen</translation>
    </message>
    <message>
      <location filename="firmcell/app/menus.py" />
      <source>Instr&amp;uments…</source>
      <translation>Mess&amp;geräte…</translation>
    </message>
    <message>
      <location filename="firmcell/app/menus.py" />
      <source>Jobs in a &amp;folder…</source>
      <translation>Aufträge in einem &amp;Ordner…</translation>
    </message>
    <message>
      <location filename="firmcell/app/menus.py" />
      <source>La&amp;nguage</source>
      <translation>S&amp;prache</translation>
    </message>
    <message>
      <location filename="firmcell/app/menus.py" />
      <source>Light or dark as the &amp;desktop</source>
      <translation>Hell oder dunkel &amp;wie der Schreibtisch</translation>
    </message>
    <message>
      <location filename="firmcell/app/menus.py" />
      <source>Next section of the page</source>
      <translation>Nächste Überschrift der Seite</translation>
    </message>
    <message>
      <location filename="firmcell/app/menus.py" />
      <source>On the picture</source>
      <translation>Auf dem Bild</translation>
    </message>
    <message>
      <location filename="firmcell/app/menus.py" />
      <source>Open &amp;recent</source>
      <translation>&amp;Zuletzt geöffnet</translation>
    </message>
    <message>
      <location filename="firmcell/app/menus.py" />
      <source>P&amp;hotos of the pack…</source>
      <translation>&amp;Fotos des Packs…</translation>
    </message>
    <message>
      <location filename="firmcell/app/menus.py" />
      <source>Pr&amp;int the picture at 1:1…</source>
      <translation>Bild 1:1 &amp;drucken…</translation>
    </message>
    <message>
      <location filename="firmcell/app/menus.py" />
      <source>Practise by e&amp;ye…</source>
      <translation>Mit dem &amp;Auge üben…</translation>
    </message>
    <message>
      <location filename="firmcell/app/menus.py" />
      <source>R&amp;esolve the incident…</source>
      <translation>Vorfall a&amp;bschließen…</translation>
    </message>
    <message>
      <location filename="firmcell/app/menus.py" />
      <source>Read &amp;tests of cells (CSV)…</source>
      <translation>&amp;Prüfungen von Zellen lesen (CSV)…</translation>
    </message>
    <message>
      <location filename="firmcell/app/menus.py" />
      <source>Save a &amp;copy as…</source>
      <translation>&amp;Kopie speichern unter…</translation>
    </message>
    <message>
      <location filename="firmcell/app/menus.py" />
      <source>Save as a te&amp;mplate, without records…</source>
      <translation>Als &amp;Vorlage speichern, ohne Aufzeichnungen…</translation>
    </message>
    <message>
      <location filename="firmcell/app/menus.py" />
      <source>Section before</source>
      <translation>Vorige Überschrift</translation>
    </message>
    <message>
      <location filename="firmcell/app/menus.py" />
      <source>Shift+F1</source>
      <translation>Umschalt+F1</translation>
    </message>
    <message>
      <location filename="firmcell/app/menus.py" />
      <source>Shopping &amp;list…</source>
      <translation>Einkaufs&amp;liste…</translation>
    </message>
    <message>
      <location filename="firmcell/app/menus.py" />
      <source>T&amp;op face alone</source>
      <translation>Nur die &amp;Oberseite</translation>
    </message>
    <message>
      <location filename="firmcell/app/menus.py" />
      <source>The &amp;day: plan and reminders…</source>
      <translation>Der &amp;Tag: Plan und Erinnerungen…</translation>
    </message>
    <message>
      <location filename="firmcell/app/menus.py" />
      <source>Up and Down</source>
      <translation>Auf und Ab</translation>
    </message>
    <message>
      <location filename="firmcell/app/menus.py" />
      <source>Wh&amp;y this finding?</source>
      <translation>Wa&amp;rum dieser Befund?</translation>
    </message>
    <message>
      <location filename="firmcell/app/menus.py" />
      <source>What the sh&amp;op has…</source>
      <translation>Was die Werkstatt &amp;hat…</translation>
    </message>
    <message>
      <location filename="firmcell/app/menus.py" />
      <source>Write &amp;passport PDF…</source>
      <translation>&amp;Pass als PDF schreiben…</translation>
    </message>
    <message>
      <location filename="firmcell/app/menus.py" />
      <source>Write &amp;templates at 1:1, PDF…</source>
      <translation>&amp;Schablonen 1:1 schreiben, PDF…</translation>
    </message>
    <message>
      <location filename="firmcell/app/menus.py" />
      <source>Write passport &amp;HTML…</source>
      <translation>Pass als &amp;HTML schreiben…</translation>
    </message>
    <message>
      <location filename="firmcell/app/menus.py" />
      <source>Write templates at 1:1, &amp;DXF…</source>
      <translation>Schablonen 1:1 schreiben, &amp;DXF…</translation>
    </message>
    <message>
      <location filename="firmcell/app/menus.py" />
      <source>Write the picture, SVG or P&amp;NG…</source>
      <translation>Bild schreiben, SVG oder P&amp;NG…</translation>
    </message>
    <message>
      <location filename="firmcell/app/menus.py" />
      <source>Your &amp;first pack, step by step</source>
      <translation>Ihr &amp;erster Pack, Schritt für Schritt</translation>
    </message>
    <message>
      <location filename="firmcell/app/menus.py" />
      <source>[ and ]</source>
      <translation>[ und ]</translation>
    </message>
    <message>
      <location filename="firmcell/app/menus.py" />
      <source>fit</source>
      <translation>einpassen</translation>
    </message>
    <message>
      <location filename="firmcell/app/menus.py" />
      <source>go there, or take it</source>
      <translation>dorthin gehen, oder es nehmen</translation>
    </message>
    <message>
      <location filename="firmcell/app/menus.py" />
      <source>move</source>
      <translation>verschieben</translation>
    </message>
    <message>
      <location filename="firmcell/app/menus.py" />
      <source>pick nothing</source>
      <translation>nichts wählen</translation>
    </message>
    <message>
      <location filename="firmcell/app/menus.py" />
      <source>walk from part to part</source>
      <translation>von Teil zu Teil gehen</translation>
    </message>
    <message>
      <location filename="firmcell/app/menus.py" />
      <source>zoom</source>
      <translation>Zoom</translation>
    </message>
    <message>
      <location filename="firmcell/app/new_job_dialog.py" />
      <source>&amp;Kind of job</source>
      <translation>&amp;Art des Auftrags</translation>
    </message>
    <message>
      <location filename="firmcell/app/new_job_dialog.py" />
      <source>&amp;Spot welder of the shop</source>
      <translation>&amp;Punktschweißgerät der Werkstatt</translation>
    </message>
    <message>
      <location filename="firmcell/app/new_job_dialog.py" />
      <source>A first design is made from this: for a pack the lightest cells that meet it; for leads: wire, connector and fuse. A pack that is there stays as it is. Everything can be changed after.</source>
      <translation>Daraus entsteht ein erster Entwurf: für einen Pack die leichtesten Zellen, die ihn erfüllen; für Leitungen Draht, Stecker und Sicherung. Ein vorhandener Pack bleibt, wie er ist. Alles lässt sich danach ändern.</translation>
    </message>
    <message>
      <location filename="firmcell/app/new_job_dialog.py" />
      <source>Choose…</source>
      <translation>Wählen…</translation>
    </message>
    <message>
      <location filename="firmcell/app/new_job_dialog.py" />
      <source>File</source>
      <translation>Datei</translation>
    </message>
    <message>
      <location filename="firmcell/app/new_job_dialog.py" />
      <source>File of the job</source>
      <translation>Datei des Auftrags</translation>
    </message>
    <message>
      <location filename="firmcell/app/new_job_dialog.py" />
      <source>Make the job</source>
      <translation>Auftrag anlegen</translation>
    </message>
    <message>
      <location filename="firmcell/app/new_job_dialog.py" />
      <source>New job</source>
      <translation>Neuer Auftrag</translation>
    </message>
    <message>
      <location filename="firmcell/app/new_job_dialog.py" />
      <source>What is to be done, and what is asked of it?</source>
      <translation>Was ist zu tun, und was wird davon verlangt?</translation>
    </message>
    <message>
      <location filename="firmcell/app/new_job_dialog.py" />
      <source>new</source>
      <translation>neu</translation>
    </message>
    <message>
      <location filename="firmcell/app/new_job_dialog.py" />
      <source>none: tabs on the cells are soldered</source>
      <translation>keines: Fahnen an den Zellen werden gelötet</translation>
    </message>
    <message>
      <location filename="firmcell/app/pack_choices.py" />
      <source>As soon as voltages and current are there, packs that would do it appear here.</source>
      <translation>Sobald Spannungen und Strom dastehen, erscheinen hier Packs, die es leisten.</translation>
    </message>
    <message>
      <location filename="firmcell/app/pack_choices.py" />
      <source>Packs that would do it; the one picked is made</source>
      <translation>Packs, die es leisten; der gewählte wird angelegt</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/base_page.py" />
      <source>Stage %1</source>
      <translation>Abschnitt %1</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/bench_page.py" />
      <source>%1; %2 passed, %3 reworked. %4Recording as %5.</source>
      <translation>%1; %2 bestanden, %3 nachgearbeitet. %4Eingetragen wird als %5.</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/bench_page.py" />
      <source>About</source>
      <translation>Etwa</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/bench_page.py" />
      <source>About %1 of work left%2.</source>
      <translation>Etwa %1 Arbeit übrig%2.</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/bench_page.py" />
      <source>All steps</source>
      <translation>Alle Schritte</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/bench_page.py" />
      <source>Bench</source>
      <translation>Werkbank</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/bench_page.py" />
      <source>Lay out before you begin</source>
      <translation>Vor dem Beginn bereitlegen</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/bench_page.py" />
      <source>Parts</source>
      <translation>Teile</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/bench_page.py" />
      <source>Read</source>
      <translation>Abgelesen</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/bench_page.py" />
      <source>Step %1 of %2</source>
      <translation>Schritt %1 von %2</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/bench_page.py" />
      <source>Steps of this job</source>
      <translation>Schritte dieses Auftrags</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/bench_page.py" />
      <source>Tools</source>
      <translation>Werkzeuge</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/bench_page.py" />
      <source>Used up</source>
      <translation>Verbraucht wird</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/bench_page.py" />
      <source>strip</source>
      <translation>Streifen</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/between_places.py" />
      <source>%1 probe on the picked part</source>
      <translation>%1 Spitze auf das gewählte Teil</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/between_places.py" />
      <source>Between any two places</source>
      <translation>Zwischen zwei beliebigen Stellen</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/between_places.py" />
      <source>Black</source>
      <translation>Schwarz</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/between_places.py" />
      <source>Ctrl+Alt+B</source>
      <translation>Strg+Alt+B</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/between_places.py" />
      <source>Picked part</source>
      <translation>Gewähltes Teil</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/between_places.py" />
      <source>Puts the probe on the part picked on the picture (%1)</source>
      <translation>Setzt die Spitze auf das im Bild gewählte Teil (%1)</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/between_places.py" />
      <source>Red</source>
      <translation>Rot</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/between_places.py" />
      <source>Says what the reading means</source>
      <translation>Sagt, was die Ablesung bedeutet</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/between_places.py" />
      <source>What a meter must show</source>
      <translation>Was ein Messgerät zeigen muss</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/between_places.py" />
      <source>What does it &amp;mean?</source>
      <translation>Was &amp;bedeutet es?</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/between_places.py" />
      <source>What the meter shows between the two places, volts</source>
      <translation>Was das Messgerät zwischen den beiden Stellen zeigt, Volt</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/between_places.py" />
      <source>What the reading means</source>
      <translation>Was die Ablesung bedeutet</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/between_places.py" />
      <source>what it shows</source>
      <translation>was es zeigt</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/bms_page.py" />
      <source>%1 kΩ at %2</source>
      <translation>%1 kΩ bei %2</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/bms_page.py" />
      <source>%1 m in %2 leads</source>
      <translation>%1 m in %2 Leitungen</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/bms_page.py" />
      <source>%1 mA evens out %2 between groups in about %3 h of charging</source>
      <translation>%1 mA gleichen %2 zwischen Gruppen in etwa %3 h Ladezeit aus</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/bms_page.py" />
      <source>%1 steady, trips above %2 after %3 s%4; charges with up to %5; %6 port, switches the %7</source>
      <translation>%1 dauernd, löst über %2 nach %3 s aus%4; lädt mit bis zu %5; Anschluss %6, schaltet %7</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/bms_page.py" />
      <source>%1 ± %2 V from each pin to the next, red on the higher</source>
      <translation>%1 ± %2 V von jedem Pin zum nächsten, Rot auf dem höheren</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/bms_page.py" />
      <source>&amp;No board</source>
      <translation>&amp;Keine Platine</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/bms_page.py" />
      <source>&amp;Own board…</source>
      <translation>&amp;Eigene Platine…</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/bms_page.py" />
      <source>A balance charger only</source>
      <translation>Nur ein Balancer-Ladegerät</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/bms_page.py" />
      <source>B0 is on the pack's negative, whichever end you began with. Before the plug goes in, measure every pin against B0: each must read one cell more than the one before.</source>
      <translation>B0 liegt am Minus des Packs, gleich an welchem Ende begonnen wurde. Bevor der Stecker eingesteckt wird, jeden Pin gegen B0 messen: jeder muss eine Zelle mehr zeigen als der davor.</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/bms_page.py" />
      <source>BMS: board, taps and wires</source>
      <translation>BMS: Platine, Abgriffe und Leitungen</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/bms_page.py" />
      <source>Balancing</source>
      <translation>Ausgleichen</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/bms_page.py" />
      <source>Board</source>
      <translation>Platine</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/bms_page.py" />
      <source>Boards compared</source>
      <translation>Platinen im Vergleich</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/bms_page.py" />
      <source>Boards in the part library, best match first, with what speaks against each. Enter selects one.</source>
      <translation>Platinen der Teilebibliothek, die passendste zuerst, mit dem, was gegen jede spricht. Eingabe wählt eine.</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/bms_page.py" />
      <source>Carries</source>
      <translation>Trägt</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/bms_page.py" />
      <source>Colour</source>
      <translation>Farbe</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/bms_page.py" />
      <source>Currents</source>
      <translation>Ströme</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/bms_page.py" />
      <source>Enter a board of your own, with the names on its pads</source>
      <translation>Eine eigene Platine eingeben, mit den Namen an ihren Anschlüssen</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/bms_page.py" />
      <source>Every wire with length, gauge, colour and ends</source>
      <translation>Jede Leitung mit Länge, Querschnitt, Farbe und Enden</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/bms_page.py" />
      <source>Face</source>
      <translation>Seite</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/bms_page.py" />
      <source>From</source>
      <translation>Von</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/bms_page.py" />
      <source>Full V</source>
      <translation>Voll V</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/bms_page.py" />
      <source>If two leads touch</source>
      <translation>Wenn zwei Leitungen sich berühren</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/bms_page.py" />
      <source>In storage</source>
      <translation>Im Lager</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/bms_page.py" />
      <source>It &amp;reads</source>
      <translation>&amp;Er zeigt</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/bms_page.py" />
      <source>Lies</source>
      <translation>Liegt</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/bms_page.py" />
      <source>Load mV</source>
      <translation>Last mV</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/bms_page.py" />
      <source>Now V ±</source>
      <translation>Jetzt V ±</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/bms_page.py" />
      <source>Pad</source>
      <translation>Anschluss</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/bms_page.py" />
      <source>Pin to pin</source>
      <translation>Von Pin zu Pin</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/bms_page.py" />
      <source>Reading of the temperature sensor, kΩ</source>
      <translation>Ablesung des Temperaturfühlers, kΩ</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/bms_page.py" />
      <source>Schematic, and a board with nails to make the harness on</source>
      <translation>Schaltplan, und ein Nagelbrett zum Anfertigen des Kabelbaums</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/bms_page.py" />
      <source>Sense leads</source>
      <translation>Messleitungen</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/bms_page.py" />
      <source>Sense wire needed</source>
      <translation>Messleitung benötigt</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/bms_page.py" />
      <source>Should read</source>
      <translation>Soll zeigen</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/bms_page.py" />
      <source>Tap</source>
      <translation>Abgriff</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/bms_page.py" />
      <source>Taps</source>
      <translation>Abgriffe</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/bms_page.py" />
      <source>Taps, from the pack's negative</source>
      <translation>Abgriffe, vom Minus des Packs an</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/bms_page.py" />
      <source>Temperature sensor</source>
      <translation>Temperaturfühler</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/bms_page.py" />
      <source>Thresholds</source>
      <translation>Schwellen</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/bms_page.py" />
      <source>To</source>
      <translation>Bis</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/bms_page.py" />
      <source>What the sensor's reading says</source>
      <translation>Was die Ablesung des Fühlers sagt</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/bms_page.py" />
      <source>What trips first</source>
      <translation>Was zuerst auslöst</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/bms_page.py" />
      <source>Why not</source>
      <translation>Warum nicht</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/bms_page.py" />
      <source>Wire</source>
      <translation>Draht</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/bms_page.py" />
      <source>Wire list</source>
      <translation>Leitungsliste</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/bms_page.py" />
      <source>Wire list, &amp;CSV</source>
      <translation>Leitungsliste, &amp;CSV</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/bms_page.py" />
      <source>Wires to cut</source>
      <translation>Zuzuschneidende Leitungen</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/bms_page.py" />
      <source>Wiring, 1:1 &amp;PDF</source>
      <translation>Verdrahtung 1:1, &amp;PDF</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/bms_page.py" />
      <source>Without a BMS</source>
      <translation>Ohne BMS</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/bms_page.py" />
      <source>a group is cut off below %1 and above %2</source>
      <translation>eine Gruppe wird unter %1 und über %2 abgeschaltet</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/bms_page.py" />
      <source>about %1; the copper melts in %2 s</source>
      <translation>etwa %1; das Kupfer schmilzt in %2 s</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/bms_page.py" />
      <source>how far each reads off its tap point's middle at the steady current</source>
      <translation>um wie viel jeder beim Dauerstrom neben der Mitte seines Abgriffs liegt</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/bms_page.py" />
      <source>kΩ</source>
      <translation>kΩ</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/bms_page.py" />
      <source>no board, no sensor</source>
      <translation>keine Platine, kein Fühler</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/bms_page.py" />
      <source>no board; nickel cells are charged in series, ended by time, −ΔV or temperature</source>
      <translation>keine Platine; Nickelzellen werden in Reihe geladen, beendet durch Zeit, −ΔV oder Temperatur</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/bms_page.py" />
      <source>none: these are places to measure</source>
      <translation>keine: dies sind Stellen zum Messen</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/bms_page.py" />
      <source>not at all</source>
      <translation>gar nicht</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/bms_page.py" />
      <source>of each lead, with its service loop</source>
      <translation>je Leitung, mit ihrer Reserveschlaufe</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/bms_page.py" />
      <source>on the wrap of cell %1, the hottest by the solved heat (%2 °C at the end of a run)</source>
      <translation>auf der Hülle von Zelle %1, nach der gerechneten Wärme die heißeste (%2 °C am Ende eines Laufs)</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/bms_page.py" />
      <source>only the cells' own self-discharge</source>
      <translation>nur die Selbstentladung der Zellen</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/bms_page.py" />
      <source>reading</source>
      <translation>Ablesung</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/bms_page.py" />
      <source>the charger must: one with a balance plug, every charge</source>
      <translation>das Ladegerät muss es: eines mit Balancerstecker, bei jeder Ladung</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/bms_page.py" />
      <source>the load must stop at %1 by itself, and every charge goes over the balance plug; check groups before each charge</source>
      <translation>der Verbraucher muss bei %1 selbst aufhören, und jede Ladung geht über den Balancerstecker; vor jeder Ladung die Gruppen prüfen</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/bms_page.py" />
      <source>wires</source>
      <translation>Leitungen</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/design_pages.py" />
      <source>%1 empty, %2 nominal, %3 full</source>
      <translation>%1 leer, %2 Nennwert, %3 voll</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/design_pages.py" />
      <source>%1 flat along, %2 flat across</source>
      <translation>%1 flach längs, %2 flach quer</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/design_pages.py" />
      <source>%1 of %2 (%3 C)</source>
      <translation>%1 von %2 (%3 C)</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/design_pages.py" />
      <source>%1 × %2, worst excess %3 / %4 mm</source>
      <translation>%1 × %2, größter Überstand %3 / %4 mm</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/design_pages.py" />
      <source>Across it</source>
      <translation>Daran liegt</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/design_pages.py" />
      <source>Along the pack</source>
      <translation>Längs des Packs</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/design_pages.py" />
      <source>An outline of %1 corners gives length and width; read another in the Layout stage.</source>
      <translation>Ein Umriss mit %1 Ecken gibt Länge und Breite; einen anderen im Abschnitt Anordnung einlesen.</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/design_pages.py" />
      <source>Bare</source>
      <translation>Blank</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/design_pages.py" />
      <source>Best</source>
      <translation>Beste</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/design_pages.py" />
      <source>Brief: what is asked of the pack</source>
      <translation>Vorgabe: was vom Pack verlangt wird</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/design_pages.py" />
      <source>Capacity</source>
      <translation>Kapazität</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/design_pages.py" />
      <source>Cells compared</source>
      <translation>Zellen im Vergleich</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/design_pages.py" />
      <source>Cells: which one, and what each must give</source>
      <translation>Zellen: welche, und was jede geben muss</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/design_pages.py" />
      <source>Conditions of use</source>
      <translation>Einsatzbedingungen</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/design_pages.py" />
      <source>Cycles left</source>
      <translation>Zyklen übrig</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/design_pages.py" />
      <source>Designation</source>
      <translation>Bezeichnung</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/design_pages.py" />
      <source>Fits</source>
      <translation>Passt</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/design_pages.py" />
      <source>From the inside out</source>
      <translation>Von innen nach außen</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/design_pages.py" />
      <source>Hot air from the middle outwards, moving. Low heat: pack sleeve shrinks early and burns through.</source>
      <translation>Heißluft von der Mitte nach außen, in Bewegung. Wenig Hitze: Packschlauch schrumpft früh und brennt durch.</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/design_pages.py" />
      <source>Insulation: sheet, tape and heat-shrink</source>
      <translation>Isolierung: Folie, Band und Schrumpfschlauch</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/design_pages.py" />
      <source>Load</source>
      <translation>Verbraucher</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/design_pages.py" />
      <source>Loses a day</source>
      <translation>Verliert am Tag</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/design_pages.py" />
      <source>Outer size</source>
      <translation>Außenmaß</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/design_pages.py" />
      <source>Outside</source>
      <translation>Außen</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/design_pages.py" />
      <source>Peak</source>
      <translation>Spitze</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/design_pages.py" />
      <source>Pick a cell to see what it meets and where it falls short.</source>
      <translation>Eine Zelle wählen, um zu sehen, was sie erfüllt und woran es fehlt.</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/design_pages.py" />
      <source>Reclaimed cells: record each test at the bench, or read a CSV in menu Bench: cell, capacity Ah, resistance mΩ, first V, second V, days, cycles, origin.</source>
      <translation>Wiederverwendete Zellen: jede Prüfung an der Werkbank eintragen, oder eine CSV im Menü Werkbank einlesen: cell, capacity Ah, resistance mΩ, first V, second V, days, cycles, origin.</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/design_pages.py" />
      <source>Resistance</source>
      <translation>Widerstand</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/design_pages.py" />
      <source>Run time</source>
      <translation>Laufzeit</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/design_pages.py" />
      <source>Run: the pack through time</source>
      <translation>Lauf: der Pack über die Zeit</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/design_pages.py" />
      <source>Sleeve</source>
      <translation>Schlauch</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/design_pages.py" />
      <source>Smallest sleeve that slides on</source>
      <translation>Kleinster Schlauch, der sich aufschieben lässt</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/design_pages.py" />
      <source>Space</source>
      <translation>Raum</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/design_pages.py" />
      <source>Steady</source>
      <translation>Dauernd</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/design_pages.py" />
      <source>Tested cells</source>
      <translation>Geprüfte Zellen</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/design_pages.py" />
      <source>The pack as it is</source>
      <translation>Der Pack, wie er ist</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/design_pages.py" />
      <source>This pack's cell</source>
      <translation>Zelle dieses Packs</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/design_pages.py" />
      <source>Use this cell</source>
      <translation>Diese Zelle nehmen</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/design_pages.py" />
      <source>Uses the cell picked in the table, with its best series and parallel count (Enter)</source>
      <translation>Nimmt die in der Tabelle gewählte Zelle mit ihrer besten Reihen- und Parallelzahl (Eingabe)</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/design_pages.py" />
      <source>Values</source>
      <translation>Werte</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/design_pages.py" />
      <source>Verdict</source>
      <translation>Urteil</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/design_pages.py" />
      <source>Voltages</source>
      <translation>Spannungen</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/design_pages.py" />
      <source>Weight of the cells</source>
      <translation>Gewicht der Zellen</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/design_pages.py" />
      <source>What each cell would make of the brief</source>
      <translation>Was jede Zelle aus der Vorgabe machen würde</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/design_pages.py" />
      <source>about %1</source>
      <translation>etwa %1</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/design_pages.py" />
      <source>builder</source>
      <translation>Erbauer</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/design_pages.py" />
      <source>cut %1; wall %2 mm once shrunk</source>
      <translation>Zuschnitt %1; Wand %2 mm nach dem Schrumpfen</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/design_pages.py" />
      <source>fits</source>
      <translation>passt</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/design_pages.py" />
      <source>length</source>
      <translation>Länge</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/design_pages.py" />
      <source>no space given</source>
      <translation>kein Raum angegeben</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/design_pages.py" />
      <source>rings</source>
      <translation>Ringe</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/design_pages.py" />
      <source>sleeve</source>
      <translation>Schlauch</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/design_pages.py" />
      <source>stands</source>
      <translation>steht</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/design_pages.py" />
      <source>width</source>
      <translation>Breite</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/design_pages.py" />
      <source>yes, with the clearance on every side</source>
      <translation>ja, mit der Luft auf jeder Seite</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/jump_bar.py" />
      <source>Next section (Ctrl+Page Down)</source>
      <translation>Nächste Überschrift (Strg+Bild ab)</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/jump_bar.py" />
      <source>Section before (Ctrl+Page Up)</source>
      <translation>Vorige Überschrift (Strg+Bild auf)</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/jump_bar.py" />
      <source>Section of the page</source>
      <translation>Überschrift der Seite</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/layout_figures.py" />
      <source>%1 between cells</source>
      <translation>%1 zwischen den Zellen</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/layout_figures.py" />
      <source>%1 to the edge, %2 needed</source>
      <translation>%1 bis zum Rand, %2 nötig</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/layout_figures.py" />
      <source>%1; every cell touches the next group</source>
      <translation>%1; jede Zelle berührt die nächste Gruppe</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/layout_figures.py" />
      <source>%1; only %2 of %3 cells of groups %4 and %5 touch the other group</source>
      <translation>%1; nur %2 von %3 Zellen der Gruppen %4 und %5 berühren die andere Gruppe</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/layout_figures.py" />
      <source>at the edge %1, height %2</source>
      <translation>am Rand %1, Höhe %2</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/layout_figures.py" />
      <source>no space given in the brief</source>
      <translation>kein Raum im Lastenheft angegeben</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/layout_page.py" />
      <source>%1 Ah, %2 rated, %3 to the load, %4</source>
      <translation>%1 Ah, %2 nach Nennwert, %3 am Verbraucher, %4</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/layout_page.py" />
      <source>%1 W steady, %2 W at the peak</source>
      <translation>%1 W dauernd, %2 W in der Spitze</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/layout_page.py" />
      <source>%1 steady, %2 at the peak</source>
      <translation>%1 dauernd, %2 in der Spitze</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/layout_page.py" />
      <source>%1, %2; longest way to a lead %3</source>
      <translation>%1, %2; längster Weg zu einer Leitung %3</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/layout_page.py" />
      <source>&amp;1:1 templates, PDF</source>
      <translation>Schablonen &amp;1:1, PDF</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/layout_page.py" />
      <source>&amp;Block this place</source>
      <translation>Diesen Platz &amp;sperren</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/layout_page.py" />
      <source>&amp;CSV of cells</source>
      <translation>&amp;CSV der Zellen</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/layout_page.py" />
      <source>&amp;DXF, layers named</source>
      <translation>&amp;DXF, Ebenen benannt</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/layout_page.py" />
      <source>&amp;Group to paint</source>
      <translation>Zu malende &amp;Gruppe</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/layout_page.py" />
      <source>&amp;Holder, STL</source>
      <translation>&amp;Halter, STL</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/layout_page.py" />
      <source>&amp;Outline from file…</source>
      <translation>&amp;Umriss aus Datei…</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/layout_page.py" />
      <source>&amp;Unlock all</source>
      <translation>Alle &amp;lösen</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/layout_page.py" />
      <source>Across</source>
      <translation>Quer</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/layout_page.py" />
      <source>Along</source>
      <translation>Längs</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/layout_page.py" />
      <source>As drawn, in mm</source>
      <translation>Wie gezeichnet, in mm</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/layout_page.py" />
      <source>Blocked</source>
      <translation>Gesperrt</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/layout_page.py" />
      <source>Blocked places</source>
      <translation>Gesperrte Plätze</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/layout_page.py" />
      <source>Both faces, sheet, plates and holder at 1:1 with a check ruler, tiled over A4 or Letter</source>
      <translation>Beide Seiten, Folie, Platten und Halter 1:1 mit Prüfmaßstab, auf A4 oder Letter verteilt</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/layout_page.py" />
      <source>By hand</source>
      <translation>Von Hand</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/layout_page.py" />
      <source>Cell count</source>
      <translation>Zellenzahl</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/layout_page.py" />
      <source>Cells</source>
      <translation>Zellen</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/layout_page.py" />
      <source>Content</source>
      <translation>Inhalt</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/layout_page.py" />
      <source>Ctrl+1 to Ctrl+9 and Ctrl+L take up a tool; Ctrl+Z takes back what it did.</source>
      <translation>Strg+1 bis Strg+9 und Strg+L nehmen ein Werkzeug; Strg+Z nimmt zurück, was es tat.</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/layout_page.py" />
      <source>DXF, SVG, or CSV of points in mm</source>
      <translation>DXF, SVG, oder CSV von Punkten in mm</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/layout_page.py" />
      <source>Each cell</source>
      <translation>Jede Zelle</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/layout_page.py" />
      <source>Every cell may be moved and sorted again</source>
      <translation>Jede Zelle darf wieder verschoben und neu geordnet werden</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/layout_page.py" />
      <source>Faces, plates and insulation sheet as lines in mm</source>
      <translation>Seiten, Platten und Isolierfolie als Linien in mm</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/layout_page.py" />
      <source>Full</source>
      <translation>Voll</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/layout_page.py" />
      <source>Group to paint</source>
      <translation>Zu malende Gruppe</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/layout_page.py" />
      <source>Heat</source>
      <translation>Wärme</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/layout_page.py" />
      <source>How good this layout is</source>
      <translation>Wie gut diese Anordnung ist</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/layout_page.py" />
      <source>How the cells lie</source>
      <translation>Wie die Zellen liegen</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/layout_page.py" />
      <source>In whole rows:</source>
      <translation>In ganzen Reihen:</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/layout_page.py" />
      <source>Joints</source>
      <translation>Verbindungen</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/layout_page.py" />
      <source>Layout: how many cells, and where they stand</source>
      <translation>Anordnung: wie viele Zellen, und wo sie stehen</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/layout_page.py" />
      <source>Links</source>
      <translation>Übergänge</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/layout_page.py" />
      <source>Mass</source>
      <translation>Masse</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/layout_page.py" />
      <source>Near empty</source>
      <translation>Fast leer</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/layout_page.py" />
      <source>Nothing may stand there, through the whole height</source>
      <translation>Dort darf nichts stehen, durch die ganze Höhe</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/layout_page.py" />
      <source>Number, group, direction and place of every cell</source>
      <translation>Nummer, Gruppe, Richtung und Ort jeder Zelle</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/layout_page.py" />
      <source>Out</source>
      <translation>Heraus</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/layout_page.py" />
      <source>Pick one to see what it meets and where it falls short.</source>
      <translation>Eine wählen, um zu sehen, was sie erfüllt und woran es fehlt.</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/layout_page.py" />
      <source>Picked cells, all at once:</source>
      <translation>Gewählte Zellen, alle zugleich:</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/layout_page.py" />
      <source>Possible cell counts</source>
      <translation>Mögliche Zellenzahlen</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/layout_page.py" />
      <source>Room left</source>
      <translation>Freier Raum</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/layout_page.py" />
      <source>S&amp;VG of both faces</source>
      <translation>S&amp;VG beider Seiten</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/layout_page.py" />
      <source>Sag</source>
      <translation>Einbruch</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/layout_page.py" />
      <source>Smallest gap</source>
      <translation>Kleinster Spalt</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/layout_page.py" />
      <source>Space: %1, %2. Cells: %3.</source>
      <translation>Raum: %1, %2. Zellen: %3.</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/layout_page.py" />
      <source>Strips</source>
      <translation>Streifen</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/layout_page.py" />
      <source>The cells go back to whole rows of that count</source>
      <translation>Die Zellen gehen in ganze Reihen dieser Zahl zurück</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/layout_page.py" />
      <source>The row picked in the table</source>
      <translation>Die in der Tabelle gewählte Zeile</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/layout_page.py" />
      <source>To the load</source>
      <translation>Zum Verbraucher</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/layout_page.py" />
      <source>Two halves of a cell holder, as closed solids to print</source>
      <translation>Zwei Hälften eines Zellhalters, als geschlossene Körper zum Drucken</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/layout_page.py" />
      <source>Unbloc&amp;k the picked one</source>
      <translation>Den gewählten &amp;freigeben</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/layout_page.py" />
      <source>Use this count</source>
      <translation>Diese Zahl nehmen</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/layout_page.py" />
      <source>What this gives</source>
      <translation>Was das ergibt</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/layout_page.py" />
      <source>a box</source>
      <translation>ein Kasten</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/layout_page.py" />
      <source>an outline of %1 corners</source>
      <translation>ein Umriss mit %1 Ecken</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/layout_page.py" />
      <source>each in its place, %1; %2 free</source>
      <translation>jede an ihrem Platz, %1; %2 frei</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/layout_page.py" />
      <source>in whole rows</source>
      <translation>in ganzen Reihen</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/layout_page.py" />
      <source>no size given</source>
      <translation>keine Größe angegeben</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/layout_page.py" />
      <source>screw post</source>
      <translation>Schraubbolzen</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/layout_search.py" />
      <source>&amp;Find places</source>
      <translation>Plätze &amp;suchen</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/layout_search.py" />
      <source>&amp;Lattice</source>
      <translation>&amp;Raster</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/layout_search.py" />
      <source>&amp;Sort again</source>
      <translation>Neu &amp;ordnen</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/layout_search.py" />
      <source>Cells keep their places; groups are sorted anew, locked cells keep theirs. Each press tries further.</source>
      <translation>Zellen behalten ihre Plätze; die Gruppen werden neu geordnet, festgehaltene Zellen behalten ihre. Jeder Druck versucht weiter.</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/layout_search.py" />
      <source>Drops individual places: cells stand in whole rows again</source>
      <translation>Gibt einzelne Plätze auf: die Zellen stehen wieder in ganzen Reihen</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/layout_search.py" />
      <source>Ends the search with the best so far (Esc)</source>
      <translation>Beendet die Suche mit dem bisher Besten (Esc)</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/layout_search.py" />
      <source>Lattice to look for places on</source>
      <translation>Raster, auf dem Plätze gesucht werden</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/layout_search.py" />
      <source>Looks for the best angle, offset and lattice, then sorts into groups</source>
      <translation>Sucht Winkel, Versatz und Raster, die am besten sind, und ordnet dann in Gruppen</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/layout_search.py" />
      <source>Places and groups</source>
      <translation>Plätze und Gruppen</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/layout_search.py" />
      <source>Progress of the search</source>
      <translation>Fortschritt der Suche</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/layout_search.py" />
      <source>S&amp;top and keep the best</source>
      <translation>&amp;Anhalten und das Beste behalten</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/layout_search.py" />
      <source>Whole &amp;rows</source>
      <translation>Ganze &amp;Reihen</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/layout_search.py" />
      <source>best of all</source>
      <translation>beste von allen</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/layout_search.py" />
      <source>free, hugging the edges</source>
      <translation>frei, an die Kanten geschmiegt</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/layout_search.py" />
      <source>square</source>
      <translation>quadratisch</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/layout_search.py" />
      <source>staggered</source>
      <translation>versetzt</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/lead_charts.py" />
      <source>Charts</source>
      <translation>Diagramme</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/lead_charts.py" />
      <source>Current against copper area with published tables; the fuse in time; the lead along its length</source>
      <translation>Strom über dem Kupferquerschnitt mit veröffentlichten Tabellen; die Sicherung über die Zeit; die Leitung über ihre Länge</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/lead_charts.py" />
      <source>Show the c&amp;harts</source>
      <translation>&amp;Diagramme zeigen</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/lead_charts.py" />
      <source>along</source>
      <translation>längs</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/lead_charts.py" />
      <source>bottom</source>
      <translation>unten</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/lead_charts.py" />
      <source>hobby's chassis figure</source>
      <translation>Wert des Hobbys für Verdrahtung im Gehäuse</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/lead_figures.py" />
      <source>%1 J spark, up to %2 for a moment; through %3 Ω, %4 W it is %5 and done in %6 s. Never switch the load on through it: it would burn with %7 W</source>
      <translation>Funke von %1 J, bis zu %2 für einen Augenblick; über %3 Ω, %4 W sind es %5, und nach %6 s ist es vorbei. Den Verbraucher nie darüber einschalten: er würde mit %7 W verbrennen</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/lead_figures.py" />
      <source>%1 W or more (needs %2 W), wide tip at 370–400 °C, about %3 s to come to heat: much heat for a short time</source>
      <translation>%1 W oder mehr (nötig %2 W), breite Spitze bei 370–400 °C, etwa %3 s bis zur Hitze: viel Hitze für kurze Zeit</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/lead_figures.py" />
      <source>%1 shrinking to %2, cut %3; on the wire first, far back from the heat</source>
      <translation>%1, schrumpft auf %2, Zuschnitt %3; zuerst auf die Leitung, weit weg von der Hitze</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/lead_figures.py" />
      <source>%1 thick, bent no tighter than %2 inside, %3 g for both</source>
      <translation>%1 dick, nicht enger als %2 innen gebogen, %3 g für beide</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/lead_figures.py" />
      <source>%1: alone in free air at 30 °C, at their own limits</source>
      <translation>%1: allein in freier Luft bei 30 °C, an ihren eigenen Grenzen</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/lead_figures.py" />
      <source>%1; opens a dead short within %2 s, %3; plugging in is %4 of what it takes</source>
      <translation>%1; öffnet einen satten Kurzschluss in %2 s, %3; Einstecken ist %4 von dem, was sie verträgt</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/lead_figures.py" />
      <source>; %1 matings</source>
      <translation>; %1 Steckvorgänge</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/lead_figures.py" />
      <source>about %1, %2 mV%3</source>
      <translation>etwa %1, %2 mV%3</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/lead_figures.py" />
      <source>always before the wire is damaged</source>
      <translation>immer bevor die Leitung Schaden nimmt</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/lead_figures.py" />
      <source>at most %1 K at the pack through %2 of wire</source>
      <translation>höchstens %1 K am Pack über %2 Leitung</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/lead_figures.py" />
      <source>carries the peak indefinitely</source>
      <translation>trägt die Spitze beliebig lange</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/lead_figures.py" />
      <source>holds the peak %1 s for certain</source>
      <translation>hält die Spitze sicher %1 s</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/lead_figures.py" />
      <source>must hold %1 N (%2)</source>
      <translation>muss %1 N halten (%2)</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/lead_figures.py" />
      <source>no bare wire both carries the load and lets go of a shorted cell before the main fuse acts: none is offered</source>
      <translation>kein blanker Draht trägt die Last und gibt zugleich eine kurzgeschlossene Zelle frei, bevor die Hauptsicherung anspricht: es wird keiner angeboten</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/lead_figures.py" />
      <source>no capacitors in the load by the brief: no rush</source>
      <translation>keine Kondensatoren im Verbraucher nach der Vorgabe: kein Stoß</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/lead_figures.py" />
      <source>no table here for this size; the figure above stands alone</source>
      <translation>für diese Größe keine Tabelle hier; die Zahl oben steht allein</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/lead_figures.py" />
      <source>one cell a group: the main fuse is its fuse</source>
      <translation>eine Zelle je Gruppe: die Hauptsicherung ist ihre Sicherung</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/leads_page.py" />
      <source>%1 at %2 d.c.</source>
      <translation>%1 bei %2 Gleichspannung</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/leads_page.py" />
      <source>%1 at %2, limited by %3; %4 times the steady current</source>
      <translation>%1 bei %2, begrenzt durch %3; %4-mal der Dauerstrom</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/leads_page.py" />
      <source>%1 by heat balance, %2; %3 drawn</source>
      <translation>%1 nach der Wärmebilanz, %2; entnommen %3</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/leads_page.py" />
      <source>%1 for the cup; a crimp barrel's depth and 1 mm</source>
      <translation>%1 für den Lötkelch; bei einer Crimphülse deren Tiefe und 1 mm</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/leads_page.py" />
      <source>%1 mV steady, %2 mV at the peak</source>
      <translation>%1 mV dauernd, %2 mV in der Spitze</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/leads_page.py" />
      <source>%1, and %2 K more in the peak at most</source>
      <translation>%1, und in der Spitze höchstens %2 K mehr</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/leads_page.py" />
      <source>%1; limited by %2</source>
      <translation>%1; begrenzt durch %2</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/leads_page.py" />
      <source>&amp;Conductor</source>
      <translation>&amp;Leiter</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/leads_page.py" />
      <source>&amp;Insulation</source>
      <translation>&amp;Isolierung</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/leads_page.py" />
      <source>&amp;Strands</source>
      <translation>&amp;Litzen</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/leads_page.py" />
      <source>A good joint looks like</source>
      <translation>So sieht eine gute Verbindung aus</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/leads_page.py" />
      <source>At the bench: this joint</source>
      <translation>An der Werkbank: diese Verbindung</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/leads_page.py" />
      <source>Best for this pack first; the face is that of the half on the pack. Enter selects it.</source>
      <translation>Der beste für diesen Pack zuerst; gezeigt ist die Stirn der Hälfte am Pack. Eingabe wählt ihn.</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/leads_page.py" />
      <source>Breaking capacity needed</source>
      <translation>Nötiges Schaltvermögen</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/leads_page.py" />
      <source>Cell fuse links</source>
      <translation>Zellsicherungen</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/leads_page.py" />
      <source>Connector</source>
      <translation>Stecker</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/leads_page.py" />
      <source>Contacts</source>
      <translation>Kontakte</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/leads_page.py" />
      <source>Fuse or breaker</source>
      <translation>Sicherung oder Automat</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/leads_page.py" />
      <source>Fuse or breaker?</source>
      <translation>Sicherung oder Automat?</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/leads_page.py" />
      <source>Gauges compared</source>
      <translation>Querschnitte im Vergleich</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/leads_page.py" />
      <source>Heat at the far end</source>
      <translation>Wärme am anderen Ende</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/leads_page.py" />
      <source>If crimped instead</source>
      <translation>Wenn stattdessen gecrimpt</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/leads_page.py" />
      <source>In a short circuit</source>
      <translation>Im Kurzschluss</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/leads_page.py" />
      <source>Iron</source>
      <translation>Lötkolben</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/leads_page.py" />
      <source>Laid</source>
      <translation>Verlegt</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/leads_page.py" />
      <source>Leads: wire, connector, fuse</source>
      <translation>Leitungen: Draht, Stecker, Sicherung</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/leads_page.py" />
      <source>Loses</source>
      <translation>Verliert</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/leads_page.py" />
      <source>Main leads</source>
      <translation>Hauptleitungen</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/leads_page.py" />
      <source>On the pack</source>
      <translation>Am Pack</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/leads_page.py" />
      <source>Plugging in</source>
      <translation>Einstecken</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/leads_page.py" />
      <source>Polarity</source>
      <translation>Polung</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/leads_page.py" />
      <source>Published ratings</source>
      <translation>Veröffentlichte Nennwerte</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/leads_page.py" />
      <source>Rating</source>
      <translation>Nennwert</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/leads_page.py" />
      <source>Strip off</source>
      <translation>Abisolieren</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/leads_page.py" />
      <source>Suggested wire</source>
      <translation>Vorgeschlagene Leitung</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/leads_page.py" />
      <source>Timing</source>
      <translation>Zeiten</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/leads_page.py" />
      <source>Warms to</source>
      <translation>Erwärmt sich auf</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/leads_page.py" />
      <source>Way of the current</source>
      <translation>Weg des Stroms</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/leads_page.py" />
      <source>Where</source>
      <translation>Wo</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/leads_page.py" />
      <source>a fuse is cheap and certain; a breaker is quick to reset in a bad place and slower to open</source>
      <translation>eine Sicherung ist billig und sicher; ein Automat ist an schlechter Stelle schnell zurückgestellt und öffnet langsamer</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/leads_page.py" />
      <source>about %1; the wire withstands it %2 s</source>
      <translation>etwa %1; die Leitung hält ihn %2 s aus</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/leads_page.py" />
      <source>bright and smooth, strands in outline</source>
      <translation>blank und glatt, die Litzen zeichnen sich ab</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/leads_page.py" />
      <source>flux</source>
      <translation>Flussmittel</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/leads_page.py" />
      <source>from %1 (carries the load) to %2 (protects the wire)</source>
      <translation>ab %1 (trägt die Last) bis %2 (schützt die Leitung)</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/leads_page.py" />
      <source>in the plus lead, as near the pack as it goes; a second sleeve over the wire before it</source>
      <translation>in der Plusleitung, so nah am Pack wie möglich; vorher ein zweiter Schlauch über die Leitung</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/leads_page.py" />
      <source>plain</source>
      <translation>blank</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/leads_page.py" />
      <source>tinned</source>
      <translation>verzinnt</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/order_of_joints.py" />
      <source>Ctrl+Alt+Down</source>
      <translation>Strg+Alt+Down</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/order_of_joints.py" />
      <source>Ctrl+Alt+Up</source>
      <translation>Strg+Alt+Up</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/order_of_joints.py" />
      <source>Joint &amp;earlier</source>
      <translation>Verbindung &amp;früher</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/order_of_joints.py" />
      <source>Joint &amp;later</source>
      <translation>Verbindung &amp;später</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/order_of_joints.py" />
      <source>Moves the joint at hand among those of its face (%1)</source>
      <translation>Verschiebt die Verbindung, die an der Reihe ist, unter denen ihrer Seite (%1)</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/order_of_joints.py" />
      <source>Order of the joints</source>
      <translation>Reihenfolge der Verbindungen</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/order_of_joints.py" />
      <source>What the order exposes</source>
      <translation>Was die Reihenfolge freilegt</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/parts_section.py" />
      <source>Cut</source>
      <translation>Zuschnitt</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/parts_section.py" />
      <source>Have</source>
      <translation>Bereit</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/parts_section.py" />
      <source>In stock</source>
      <translation>Auf Lager</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/parts_section.py" />
      <source>Parts l&amp;ist, CSV or PDF…</source>
      <translation>Teile&amp;liste, CSV oder PDF…</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/parts_section.py" />
      <source>Parts to have at hand</source>
      <translation>Bereitzulegende Teile</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/parts_section.py" />
      <source>Parts to have at hand, with spares</source>
      <translation>Teile, die bereitliegen, mit Reserve</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/parts_section.py" />
      <source>Together %1.</source>
      <translation>Zusammen %1.</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/parts_section.py" />
      <source>What to buy and to lay out, with cut lengths and spares, and room for prices</source>
      <translation>Was zu kaufen und bereitzulegen ist, mit Zuschnittlängen und Reserve, und Platz für Preise</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/passport_page.py" />
      <source>%1 × %2 mm, label printer</source>
      <translation>%1 × %2 mm, Etikettendrucker</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/passport_page.py" />
      <source>Before and after</source>
      <translation>Vorher und nachher</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/passport_page.py" />
      <source>Cautions</source>
      <translation>Vorsicht</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/passport_page.py" />
      <source>Charging and storage</source>
      <translation>Laden und Lagern</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/passport_page.py" />
      <source>Label at 1:1, PDF…</source>
      <translation>Etikett 1:1, PDF…</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/passport_page.py" />
      <source>Of a printer of labels, wide × high in mm; any other size can be typed</source>
      <translation>Eines Etikettendruckers, Breite × Höhe in mm; jede andere Größe kann getippt werden</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/passport_page.py" />
      <source>On the label</source>
      <translation>Auf dem Etikett</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/passport_page.py" />
      <source>Passport: what goes with the pack</source>
      <translation>Pass: was mit dem Pack mitgeht</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/passport_page.py" />
      <source>QR code of the essentials</source>
      <translation>QR-Code des Wesentlichen</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/passport_page.py" />
      <source>Ratings</source>
      <translation>Nennwerte</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/passport_page.py" />
      <source>Record</source>
      <translation>Aufzeichnung</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/passport_page.py" />
      <source>Size of the label</source>
      <translation>Größe des Etiketts</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/passport_page.py" />
      <source>Wiring sketch for the lid, PDF…</source>
      <translation>Verdrahtungsskizze für den Deckel, PDF…</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/passport_page.py" />
      <source>With the photos of the steps</source>
      <translation>Mit den Fotos der Schritte</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/passport_page.py" />
      <source>Write the HTML…</source>
      <translation>HTML schreiben…</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/passport_page.py" />
      <source>Write the PDF… (Ctrl+P)</source>
      <translation>PDF schreiben… (Strg+P)</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/passport_page.py" />
      <source>black</source>
      <translation>schwarz</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/passport_page.py" />
      <source>label as its side, on a sheet</source>
      <translation>Etikett wie seine Seite, auf einem Bogen</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/passport_page.py" />
      <source>white</source>
      <translation>weiß</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/record_section.py" />
      <source>Records of this job, newest first</source>
      <translation>Aufzeichnungen dieses Auftrags, die neueste zuerst</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/record_section.py" />
      <source>Take back…</source>
      <translation>Zurücknehmen…</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/record_section.py" />
      <source>Takes the picked record back by a further record; nothing is erased</source>
      <translation>Nimmt die gewählte Aufzeichnung durch eine weitere zurück; nichts wird gelöscht</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/run_curves.py" />
      <source>&amp;Moment</source>
      <translation>&amp;Augenblick</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/run_curves.py" />
      <source>&amp;Paint</source>
      <translation>&amp;Malen</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/run_curves.py" />
      <source>Moment of the run</source>
      <translation>Augenblick des Laufs</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/run_curves.py" />
      <source>Move it through the run; the picture shows the pack at that moment</source>
      <translation>Durch den Lauf schieben; das Bild zeigt den Pack in diesem Augenblick</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/run_curves.py" />
      <source>What is painted on the cells</source>
      <translation>Was auf die Zellen gemalt wird</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/run_curves.py" />
      <source>charge</source>
      <translation>Ladung</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/run_curves.py" />
      <source>current</source>
      <translation>Strom</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/run_section.py" />
      <source>&amp;Air, and pack at the start</source>
      <translation>&amp;Luft, und Pack am Anfang</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/run_section.py" />
      <source>&amp;Drawn</source>
      <translation>&amp;Entnommen</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/run_section.py" />
      <source>&amp;Keep to compare</source>
      <translation>Zum Vergleich &amp;behalten</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/run_section.py" />
      <source>&amp;Run it</source>
      <translation>&amp;Laufen lassen</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/run_section.py" />
      <source>CS&amp;V…</source>
      <translation>CS&amp;V…</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/run_section.py" />
      <source>Cell&amp;s are</source>
      <translation>&amp;Zellen sind</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/run_section.py" />
      <source>Ends the run where it is</source>
      <translation>Beendet den Lauf, wo er ist</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/run_section.py" />
      <source>From a c&amp;harge of</source>
      <translation>Ab einer &amp;Ladung von</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/run_section.py" />
      <source>How m&amp;uch</source>
      <translation>&amp;Wie viel</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/run_section.py" />
      <source>Of a charge: between what its readings should lie, minute by minute</source>
      <translation>Für eine Ladung: wozwischen ihre Ablesungen liegen sollen, Minute für Minute</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/run_section.py" />
      <source>Pla&amp;n…</source>
      <translation>Pla&amp;n…</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/run_section.py" />
      <source>Progress of the run</source>
      <translation>Fortschritt des Laufs</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/run_section.py" />
      <source>S&amp;top</source>
      <translation>&amp;Anhalten</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/run_section.py" />
      <source>The curves of this run stay, dashed, behind those of the next</source>
      <translation>Die Kurven dieses Laufs bleiben gestrichelt hinter denen des nächsten</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/run_section.py" />
      <source>The run moment by moment: what to compare a charge at the bench with</source>
      <translation>Der Lauf Augenblick für Augenblick: womit eine Ladung an der Werkbank zu vergleichen ist</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/run_section.py" />
      <source>What the run gives</source>
      <translation>Was der Lauf ergibt</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/run_section.py" />
      <source>With ce&amp;lls</source>
      <translation>Mit Ze&amp;llen</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/run_section.py" />
      <source>Works out the run; a few seconds at most</source>
      <translation>Rechnet den Lauf aus; höchstens einige Sekunden</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/run_section.py" />
      <source>a current</source>
      <translation>ein Strom</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/run_section.py" />
      <source>a power</source>
      <translation>eine Leistung</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/run_section.py" />
      <source>a profile from a file</source>
      <translation>ein Verlauf aus einer Datei</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/run_section.py" />
      <source>nothing: charge it</source>
      <translation>nichts: laden</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/run_section.py" />
      <source>nothing: left in store</source>
      <translation>nichts: eingelagert</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/run_section.py" />
      <source>the brief's current with its peaks</source>
      <translation>der Strom der Vorgabe mit seinen Spitzen</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/run_section.py" />
      <source>the brief's steady current</source>
      <translation>der Dauerstrom der Vorgabe</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/run_section.py" />
      <source>those of the design</source>
      <translation>die des Entwurfs</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/step_card.py" />
      <source>%1; the list of instruments is in the Bench menu</source>
      <translation>%1; die Liste der Messgeräte ist im Menü Werkbank</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/step_card.py" />
      <source>Not right… (Ctrl+R)</source>
      <translation>Nicht in Ordnung… (Strg+R)</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/step_card.py" />
      <source>Passed (Ctrl+Space)</source>
      <translation>Bestanden (Strg+Leertaste)</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/step_card.py" />
      <source>Photos of the pack… (Ctrl+Shift+P)</source>
      <translation>Fotos des Packs… (Strg+Umschalt+P)</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/step_card.py" />
      <source>Read with the %1</source>
      <translation>Lesen mit: %1</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/step_card.py" />
      <source>Record %1%2</source>
      <translation>Eintragen: %1%2</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/step_card.py" />
      <source>Record what is ticked%1</source>
      <translation>Abgehaktes eintragen%1</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/step_card.py" />
      <source>again</source>
      <translation>wieder</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/step_card.py" />
      <source>at</source>
      <translation>bei</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/step_card.py" />
      <source>between</source>
      <translation>zwischen</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/step_card.py" />
      <source>held</source>
      <translation>hielt</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/step_card.py" />
      <source>plus</source>
      <translation>plus</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/step_card.py" />
      <source>screws</source>
      <translation>Schrauben</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/step_card.py" />
      <source>strip:%1</source>
      <translation>strip:%1</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/step_card.py" />
      <source>tug</source>
      <translation>Zug</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/step_card.py" />
      <source>welds</source>
      <translation>Schweißungen</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/step_notes.py" />
      <source>Keeps a picture with this step; or drop one on this page</source>
      <translation>Bewahrt ein Bild bei diesem Schritt auf; oder eines auf diese Seite ziehen</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/step_notes.py" />
      <source>Keeps the picture on the clipboard with this step (Ctrl+Alt+V)</source>
      <translation>Bewahrt das Bild der Zwischenablage bei diesem Schritt auf (Strg+Alt+V)</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/step_notes.py" />
      <source>P&amp;hoto…</source>
      <translation>&amp;Foto…</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/step_notes.py" />
      <source>Paste</source>
      <translation>Einfügen</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/step_notes.py" />
      <source>Photos and remarks of this step</source>
      <translation>Fotos und Bemerkungen zu diesem Schritt</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/step_notes.py" />
      <source>Photos of this step; Enter shows one large</source>
      <translation>Fotos dieses Schritts; Eingabe zeigt eines groß</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/step_notes.py" />
      <source>Remark on this step</source>
      <translation>Bemerkung zu diesem Schritt</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/step_notes.py" />
      <source>remark, Enter keeps it</source>
      <translation>Bemerkung, Eingabe behält sie</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/strip_assay.py" />
      <source>By four wires: a known current through the strip, millivolts between two probes on it. Or by weight and size of a piece.</source>
      <translation>Über vier Drähte: ein bekannter Strom durch den Streifen, Millivolt zwischen zwei Spitzen darauf. Oder nach Gewicht und Größe eines Stücks.</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/strip_assay.py" />
      <source>Is it nickel?</source>
      <translation>Ist es Nickel?</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/strip_assay.py" />
      <source>Judge by &amp;resistance</source>
      <translation>Nach &amp;Widerstand urteilen</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/strip_assay.py" />
      <source>Judge by &amp;weight</source>
      <translation>Nach &amp;Gewicht urteilen</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/strip_assay.py" />
      <source>Make it the strip of the &amp;links</source>
      <translation>Zum Streifen der &amp;Übergänge machen</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/strip_assay.py" />
      <source>Plated steel resists about twice as much as nickel</source>
      <translation>Vernickelter Stahl hat etwa den doppelten Widerstand von Nickel</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/strip_assay.py" />
      <source>Steel is an eighth lighter than nickel</source>
      <translation>Stahl ist um ein Achtel leichter als Nickel</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/strip_assay.py" />
      <source>With its measured resistivity and twice its uncertainty on top</source>
      <translation>Mit seinem gemessenen spezifischen Widerstand und der doppelten Unsicherheit obendrauf</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/strip_between.py" />
      <source>%1 V now at no load, %2; a short there drives about %3 in its first moment.</source>
      <translation>%1 V jetzt ohne Last, %2; ein Kurzschluss dort treibt im ersten Augenblick etwa %3.</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/strip_between.py" />
      <source>%1 this pad</source>
      <translation>%1 diese Polfläche</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/strip_between.py" />
      <source>Between two points</source>
      <translation>Zwischen zwei Punkten</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/strip_between.py" />
      <source>minus</source>
      <translation>minus</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/strip_failures.py" />
      <source>All welds single</source>
      <translation>Alle einfach schweißen</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/strip_failures.py" />
      <source>Do&amp;uble their welds</source>
      <translation>&amp;Doppelt schweißen</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/strip_failures.py" />
      <source>Each joint and each piece of strip gone, one by one: what is over its limit then. Look at these first, tug them, and double their welds where they are welded.</source>
      <translation>Jede Verbindung und jedes Stück Streifen fehlt, eines nach dem anderen: was dann über seiner Grenze ist. Diese zuerst ansehen, daran ziehen, und geschweißte doppelt schweißen.</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/strip_failures.py" />
      <source>If this joint fails</source>
      <translation>Wenn diese Verbindung versagt</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/strip_failures.py" />
      <source>Its load</source>
      <translation>Ihre Last</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/strip_failures.py" />
      <source>Load now</source>
      <translation>Last jetzt</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/strip_failures.py" />
      <source>Most critical joints</source>
      <translation>Kritischste Verbindungen</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/strip_failures.py" />
      <source>Most loaded part</source>
      <translation>Am stärksten belastetes Teil</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/strip_failures.py" />
      <source>No cell has twice the weld pairs any more</source>
      <translation>Keine Zelle hat mehr die doppelten Schweißpaare</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/strip_failures.py" />
      <source>Pack +mΩ</source>
      <translation>Pack +mΩ</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/strip_failures.py" />
      <source>Twice the weld pairs on both pads of the cells in this list; the work plan then says so</source>
      <translation>Doppelte Schweißpaare auf beiden Polen der Zellen dieser Liste; der Arbeitsplan sagt es dann</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/strip_failures.py" />
      <source>a joint of cell %1</source>
      <translation>eine Verbindung von Zelle %1</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/strip_failures.py" />
      <source>pack</source>
      <translation>Pack</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/strip_failures.py" />
      <source>strip %1</source>
      <translation>Streifen %1</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/strip_figures.py" />
      <source>%1 W in strips (%2 Wh in a run), %3 W in cells and joints</source>
      <translation>%1 W in Streifen (%2 Wh in einem Lauf), %3 W in Zellen und Verbindungen</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/strip_figures.py" />
      <source>%1 from B− to B+ warm; it sags %2 V</source>
      <translation>%1 von B− bis B+ warm; es bricht um %2 V ein</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/strip_figures.py" />
      <source>%1 in place (%2); most loaded %3 at %4 of its limit</source>
      <translation>%1 an Ort und Stelle (%2); am stärksten belastet %3 mit %4 seiner Grenze</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/strip_figures.py" />
      <source>%1: %2 m in %3, from %4 of %5 m with %6 m left over</source>
      <translation>%1: %2 m in %3, von %4 zu %5 m, %6 m bleiben übrig</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/strip_figures.py" />
      <source>within %1 % of an even part (cell %2 is farthest off)</source>
      <translation>innerhalb %1 % eines gleichen Anteils (Zelle %2 liegt am weitesten daneben)</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/strip_forms.py" />
      <source>Between the probes</source>
      <translation>Zwischen den Spitzen</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/strip_forms.py" />
      <source>Current</source>
      <translation>Strom</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/strip_forms.py" />
      <source>Drop between the probes</source>
      <translation>Abfall zwischen den Spitzen</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/strip_forms.py" />
      <source>Length</source>
      <translation>Länge</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/strip_forms.py" />
      <source>Strip is at</source>
      <translation>Streifen hat</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/strip_forms.py" />
      <source>Thickness</source>
      <translation>Dicke</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/strip_forms.py" />
      <source>Weight</source>
      <translation>Gewicht</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/strip_forms.py" />
      <source>Width</source>
      <translation>Breite</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/strip_plots.py" />
      <source>Cell currents, temperature over the duty cycle, and strips to choose from</source>
      <translation>Zellströme, Temperatur über das Lastspiel, und Streifen zur Auswahl</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/strip_plots.py" />
      <source>Plots</source>
      <translation>Kurven</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/strip_plots.py" />
      <source>Show the &amp;plots</source>
      <translation>&amp;Kurven zeigen</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/strip_plots.py" />
      <source>cells</source>
      <translation>Zellen</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/strip_plots.py" />
      <source>plate</source>
      <translation>Platte</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/strips_page.py" />
      <source>&amp;Draw 1000 packs</source>
      <translation>&amp;1000 Packs ziehen</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/strips_page.py" />
      <source>&amp;Measured cells…</source>
      <translation>&amp;Gemessene Zellen…</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/strips_page.py" />
      <source>Apply the fix picked</source>
      <translation>Die gewählte Abhilfe anwenden</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/strips_page.py" />
      <source>CSV with a heading line such as “cell,resistance mΩ”</source>
      <translation>CSV mit einer Kopfzeile wie „cell,resistance mΩ“</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/strips_page.py" />
      <source>Cells 5 %, welds 25 %, capacity 1 % (standard deviations); always the same for one seed</source>
      <translation>Zellen 5 %, Schweißungen 25 %, Kapazität 1 % (Standardabweichungen); bei gleichem Startwert immer gleich</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/strips_page.py" />
      <source>Current balance between cells</source>
      <translation>Gleichmaß der Ströme zwischen den Zellen</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/strips_page.py" />
      <source>Enter in the table does the same; Ctrl+Z takes it back</source>
      <translation>Eingabe in der Tabelle tut dasselbe; Strg+Z nimmt es zurück</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/strips_page.py" />
      <source>Every segment with current, drop, heat and temperature</source>
      <translation>Jeder Abschnitt mit Strom, Abfall, Wärme und Temperatur</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/strips_page.py" />
      <source>Every segment, most loaded first</source>
      <translation>Jeder Abschnitt, der am stärksten belastete zuerst</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/strips_page.py" />
      <source>Fix, solved and checked</source>
      <translation>Abhilfe, gerechnet und geprüft</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/strips_page.py" />
      <source>Fixes</source>
      <translation>Abhilfen</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/strips_page.py" />
      <source>Hottest cell</source>
      <translation>Heißeste Zelle</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/strips_page.py" />
      <source>Hottest strip</source>
      <translation>Heißester Streifen</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/strips_page.py" />
      <source>In place</source>
      <translation>An Ort und Stelle</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/strips_page.py" />
      <source>In-place limit</source>
      <translation>Grenze an Ort und Stelle</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/strips_page.py" />
      <source>Limit</source>
      <translation>Grenze</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/strips_page.py" />
      <source>Load current</source>
      <translation>Laststrom</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/strips_page.py" />
      <source>Long-run limit</source>
      <translation>Grenze auf lange Sicht</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/strips_page.py" />
      <source>Metal</source>
      <translation>Metall</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/strips_page.py" />
      <source>Move it to see the pack at another current; the design keeps its own</source>
      <translation>Verschieben, um den Pack bei einem anderen Strom zu sehen; der Entwurf behält seinen</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/strips_page.py" />
      <source>Netlist (&amp;SPICE)</source>
      <translation>Netzliste (&amp;SPICE)</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/strips_page.py" />
      <source>No cell measured yet: the typical resistance of this type is used</source>
      <translation>Noch keine Zelle gemessen: der übliche Widerstand dieser Art wird genommen</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/strips_page.py" />
      <source>Progress</source>
      <translation>Fortschritt</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/strips_page.py" />
      <source>Runs as it is in a circuit simulator</source>
      <translation>Läuft so in einem Schaltungssimulator</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/strips_page.py" />
      <source>Scatter of the cells</source>
      <translation>Streuung der Zellen</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/strips_page.py" />
      <source>Segment</source>
      <translation>Abschnitt</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/strips_page.py" />
      <source>Segments of strip</source>
      <translation>Streifenabschnitte</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/strips_page.py" />
      <source>Segments, &amp;CSV</source>
      <translation>Abschnitte, &amp;CSV</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/strips_page.py" />
      <source>Share</source>
      <translation>Anteil</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/strips_page.py" />
      <source>Share then</source>
      <translation>Anteil dann</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/strips_page.py" />
      <source>Stock</source>
      <translation>Vorrat</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/strips_page.py" />
      <source>Strip</source>
      <translation>Streifen</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/strips_page.py" />
      <source>Strips: what they carry and how warm they get</source>
      <translation>Streifen: was sie tragen und wie warm sie werden</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/strips_page.py" />
      <source>To cut and join</source>
      <translation>Zuschneiden und verbinden</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/strips_page.py" />
      <source>What is painted on the strips</source>
      <translation>Was auf die Streifen gemalt wird</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/strips_page.py" />
      <source>brings a long strip to %1 in %2, one face in still air</source>
      <translation>bringt einen langen Streifen in %2 auf %1, eine Seite in stehender Luft</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/strips_page.py" />
      <source>brings the middle of a piece between its cells to the same, or 5 K over cells that are there already</source>
      <translation>bringt die Mitte eines Stücks zwischen seinen Zellen auf dasselbe, oder 5 K über Zellen, die schon dort sind</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/strips_page.py" />
      <source>welder</source>
      <translation>Schweißgerät</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/tests_page.py" />
      <source>%1%2. Test: %3.</source>
      <translation>%1%2. Probe: %3.</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/tests_page.py" />
      <source>&amp;Practise…</source>
      <translation>&amp;Üben…</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/tests_page.py" />
      <source>A pack with a hidden fault and a simulated meter</source>
      <translation>Ein Pack mit verstecktem Fehler und ein nachgebildetes Messgerät</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/tests_page.py" />
      <source>Back to the step at the bench</source>
      <translation>Zurück zum Schritt, der an der Reihe ist</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/tests_page.py" />
      <source>Between</source>
      <translation>Zwischen</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/tests_page.py" />
      <source>Between any two points</source>
      <translation>Zwischen zwei beliebigen Punkten</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/tests_page.py" />
      <source>Expect</source>
      <translation>Erwartet</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/tests_page.py" />
      <source>Explanations</source>
      <translation>Erklärungen</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/tests_page.py" />
      <source>How likely</source>
      <translation>Wie wahrscheinlich</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/tests_page.py" />
      <source>Insulation</source>
      <translation>Isolierung</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/tests_page.py" />
      <source>Insulation readings</source>
      <translation>Isolationsmessungen</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/tests_page.py" />
      <source>Pins are those of the plug; strips are the pack's own metal, which tells where a lead really ends.</source>
      <translation>Pins sind die des Steckers; Streifen sind das Metall des Packs selbst, das zeigt, wo eine Leitung wirklich endet.</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/tests_page.py" />
      <source>Prove the meter first: red on a cell’s plus reads plus. Then black stays on B0; type what you read and press Enter; the next tap is waiting. A minus sign counts. Type every place that the meter shows. From 60 V on it shows tenths only: those taps are read from pin to pin.</source>
      <translation>Zuerst das Messgerät prüfen: Rot auf dem Plus einer Zelle zeigt plus. Dann bleibt Schwarz auf B0; die Ablesung tippen und Eingabe drücken; der nächste Abgriff wartet. Ein Minuszeichen zählt. Jede Stelle tippen, die das Messgerät zeigt. Ab 60 V zeigt es nur Zehntel: diese Abgriffe werden von Pin zu Pin gelesen.</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/tests_page.py" />
      <source>Read with the &amp;meter</source>
      <translation>Mit dem &amp;Messgerät ablesen</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/tests_page.py" />
      <source>Reading</source>
      <translation>Ablesung</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/tests_page.py" />
      <source>Reading at %1 against B%2, volts</source>
      <translation>Ablesung an %1 gegen B%2, Volt</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/tests_page.py" />
      <source>Record insulation reading</source>
      <translation>Isolationsmessung eintragen</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/tests_page.py" />
      <source>Safe to plug in?</source>
      <translation>Darf eingesteckt werden?</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/tests_page.py" />
      <source>Takes the reading of the tap at hand from the meter chosen in the Bench menu</source>
      <translation>Nimmt die Ablesung des Abgriffs, der an der Reihe ist, vom Messgerät aus dem Menü Werkbank</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/tests_page.py" />
      <source>Taps against B0</source>
      <translation>Abgriffe gegen B0</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/tests_page.py" />
      <source>Test</source>
      <translation>Prüfung</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/tests_page.py" />
      <source>Tests: what the meter says</source>
      <translation>Prüfungen: was das Messgerät sagt</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/tests_page.py" />
      <source>Verdict on the taps</source>
      <translation>Urteil über die Abgriffe</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/tests_page.py" />
      <source>What is wrong</source>
      <translation>Was falsch ist</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/tests_page.py" />
      <source>What it may be</source>
      <translation>Was es sein kann</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/tests_page.py" />
      <source>What voltages cannot show</source>
      <translation>Was Spannungen nicht zeigen können</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/tests_page.py" />
      <source>What voltages cannot show, and what does:</source>
      <translation>Was Spannungen nicht zeigen, und was es zeigt:</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/tests_page.py" />
      <source>to read</source>
      <translation>abzulesen</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/two_points.py" />
      <source>&amp;Black</source>
      <translation>&amp;Schwarz</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/two_points.py" />
      <source>&amp;Red</source>
      <translation>&amp;Rot</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/two_points.py" />
      <source>R&amp;ecord</source>
      <translation>&amp;Eintragen</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/two_points.py" />
      <source>Reading between the two points, volts</source>
      <translation>Ablesung zwischen den beiden Punkten, Volt</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/two_points.py" />
      <source>Records the reading between the two points</source>
      <translation>Trägt die Ablesung zwischen den beiden Punkten ein</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/two_points.py" />
      <source>What is across the two points</source>
      <translation>Was zwischen den beiden Punkten liegt</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/two_points.py" />
      <source>nothing across</source>
      <translation>nichts daran</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/weld_section.py" />
      <source>Chart this &amp;peel</source>
      <translation>Diese &amp;Schälprobe eintragen</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/weld_section.py" />
      <source>Do the welds hold?</source>
      <translation>Halten die Schweißungen?</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/weld_section.py" />
      <source>Records it: what is measured from here on is compared by itself</source>
      <translation>Trägt es ein: was von hier an gemessen wird, wird für sich verglichen</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/weld_section.py" />
      <source>Records the sample and puts it on the chart</source>
      <translation>Trägt die Probe ein und setzt sie in die Regelkarte</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/weld_section.py" />
      <source>Whether to weld on</source>
      <translation>Ob weitergeschweißt werden darf</translation>
    </message>
    <message>
      <location filename="firmcell/app/photo_marks.py" />
      <source>strips</source>
      <translation>Streifen</translation>
    </message>
    <message>
      <location filename="firmcell/app/photo_view.py" />
      <source>Photo</source>
      <translation>Foto</translation>
    </message>
    <message>
      <location filename="firmcell/app/photo_window.py" />
      <source>Photos</source>
      <translation>Fotos</translation>
    </message>
    <message>
      <location filename="firmcell/app/picked_cells.py" />
      <source>About the middle of what they take up</source>
      <translation>Um die Mitte dessen, was sie einnehmen</translation>
    </message>
    <message>
      <location filename="firmcell/app/picked_cells.py" />
      <source>All cells in line with the picked ones</source>
      <translation>Alle Zellen in einer Linie mit den gewählten</translation>
    </message>
    <message>
      <location filename="firmcell/app/picked_cells.py" />
      <source>All cells of the groups that the picked ones are in</source>
      <translation>Alle Zellen der Gruppen, in denen die gewählten sind</translation>
    </message>
    <message>
      <location filename="firmcell/app/picked_cells.py" />
      <source>All of them about their middle, anticlockwise</source>
      <translation>Alle um ihre Mitte, gegen den Uhrzeiger</translation>
    </message>
    <message>
      <location filename="firmcell/app/picked_cells.py" />
      <source>All of them together, the nearest way to other cells</source>
      <translation>Alle zusammen, auf dem kürzesten Weg zu anderen Zellen</translation>
    </message>
    <message>
      <location filename="firmcell/app/picked_cells.py" />
      <source>Bend into an arc…</source>
      <translation>Zum Bogen biegen…</translation>
    </message>
    <message>
      <location filename="firmcell/app/picked_cells.py" />
      <source>Bring to touch</source>
      <translation>Zusammenrücken</translation>
    </message>
    <message>
      <location filename="firmcell/app/picked_cells.py" />
      <source>Copy beside</source>
      <translation>Daneben kopieren</translation>
    </message>
    <message>
      <location filename="firmcell/app/picked_cells.py" />
      <source>Ctrl+A</source>
      <translation>Strg+A</translation>
    </message>
    <message>
      <location filename="firmcell/app/picked_cells.py" />
      <source>Ctrl+Alt+M</source>
      <translation>Strg+Alt+M</translation>
    </message>
    <message>
      <location filename="firmcell/app/picked_cells.py" />
      <source>Ctrl+Backspace</source>
      <translation>Strg+Backspace</translation>
    </message>
    <message>
      <location filename="firmcell/app/picked_cells.py" />
      <source>Ctrl+J</source>
      <translation>Strg+J</translation>
    </message>
    <message>
      <location filename="firmcell/app/picked_cells.py" />
      <source>Ctrl+Shift+B</source>
      <translation>Strg+Umschalt+B</translation>
    </message>
    <message>
      <location filename="firmcell/app/picked_cells.py" />
      <source>Ctrl+Shift+C</source>
      <translation>Strg+Umschalt+C</translation>
    </message>
    <message>
      <location filename="firmcell/app/picked_cells.py" />
      <source>Ctrl+Shift+E</source>
      <translation>Strg+Umschalt+E</translation>
    </message>
    <message>
      <location filename="firmcell/app/picked_cells.py" />
      <source>Ctrl+Shift+G</source>
      <translation>Strg+Umschalt+G</translation>
    </message>
    <message>
      <location filename="firmcell/app/picked_cells.py" />
      <source>Ctrl+Shift+M</source>
      <translation>Strg+Umschalt+M</translation>
    </message>
    <message>
      <location filename="firmcell/app/picked_cells.py" />
      <source>Ctrl+Shift+N</source>
      <translation>Strg+Umschalt+N</translation>
    </message>
    <message>
      <location filename="firmcell/app/picked_cells.py" />
      <source>Ctrl+Shift+Q</source>
      <translation>Strg+Umschalt+Q</translation>
    </message>
    <message>
      <location filename="firmcell/app/picked_cells.py" />
      <source>Ctrl+Shift+R</source>
      <translation>Strg+Umschalt+R</translation>
    </message>
    <message>
      <location filename="firmcell/app/picked_cells.py" />
      <source>Ctrl+Shift+U</source>
      <translation>Strg+Umschalt+U</translation>
    </message>
    <message>
      <location filename="firmcell/app/picked_cells.py" />
      <source>Delete</source>
      <translation>Entf</translation>
    </message>
    <message>
      <location filename="firmcell/app/picked_cells.py" />
      <source>Each turned where it stands</source>
      <translation>Jede an ihrem Ort gewendet</translation>
    </message>
    <message>
      <location filename="firmcell/app/picked_cells.py" />
      <source>End for end</source>
      <translation>Ende für Ende</translation>
    </message>
    <message>
      <location filename="firmcell/app/picked_cells.py" />
      <source>Every cell of the pack</source>
      <translation>Jede Zelle des Packs</translation>
    </message>
    <message>
      <location filename="firmcell/app/picked_cells.py" />
      <source>From along the picture; it asks for the radius of the innermost row</source>
      <translation>Längs des Bildes; gefragt wird nach dem Radius der innersten Reihe</translation>
    </message>
    <message>
      <location filename="firmcell/app/picked_cells.py" />
      <source>In one straight row, touching</source>
      <translation>In eine gerade Reihe, sich berührend</translation>
    </message>
    <message>
      <location filename="firmcell/app/picked_cells.py" />
      <source>Line up</source>
      <translation>Ausrichten</translation>
    </message>
    <message>
      <location filename="firmcell/app/picked_cells.py" />
      <source>Mirror front, rear</source>
      <translation>Vorn und hinten spiegeln</translation>
    </message>
    <message>
      <location filename="firmcell/app/picked_cells.py" />
      <source>Mirror left, right</source>
      <translation>Links und rechts spiegeln</translation>
    </message>
    <message>
      <location filename="firmcell/app/picked_cells.py" />
      <source>Pick all</source>
      <translation>Alle wählen</translation>
    </message>
    <message>
      <location filename="firmcell/app/picked_cells.py" />
      <source>Pick group</source>
      <translation>Gruppe wählen</translation>
    </message>
    <message>
      <location filename="firmcell/app/picked_cells.py" />
      <source>Pick row</source>
      <translation>Reihe wählen</translation>
    </message>
    <message>
      <location filename="firmcell/app/picked_cells.py" />
      <source>Quarter turn</source>
      <translation>Vierteldrehung</translation>
    </message>
    <message>
      <location filename="firmcell/app/picked_cells.py" />
      <source>Repeat strips</source>
      <translation>Streifen wiederholen</translation>
    </message>
    <message>
      <location filename="firmcell/app/picked_cells.py" />
      <source>The strips of the tap point picked, laid at the next one that lies alike</source>
      <translation>Die Streifen des gewählten Abgriffs, auf den nächsten gelegt, der gleich liegt</translation>
    </message>
    <message>
      <location filename="firmcell/app/picked_cells.py" />
      <source>Whole groups become new groups; as many cells of each group go in parallel</source>
      <translation>Ganze Gruppen werden zu neuen Gruppen; gleich viele Zellen jeder Gruppe kommen parallel dazu</translation>
    </message>
    <message>
      <location filename="firmcell/app/picked_cells.py" />
      <source>Whole groups, or as many cells of each group</source>
      <translation>Ganze Gruppen, oder gleich viele Zellen jeder Gruppe</translation>
    </message>
    <message>
      <location filename="firmcell/app/printing.py" />
      <source>must measure 100 mm; print at 100 %, not fitted to the page</source>
      <translation>muss 100 mm messen; mit 100 % drucken, nicht an die Seite angepasst</translation>
    </message>
    <message>
      <location filename="firmcell/app/printing.py" />
      <source>page %1 of %2 along, %3 of %4 down; ticks lie on each other</source>
      <translation>Seite %1 von %2 quer, %3 von %4 hinunter; Striche liegen aufeinander</translation>
    </message>
    <message>
      <location filename="firmcell/app/rating_plate.py" />
      <source>Rating plate</source>
      <translation>Typenschild</translation>
    </message>
    <message>
      <location filename="firmcell/app/rating_plate.py" />
      <source>Stages</source>
      <translation>Abschnitte</translation>
    </message>
    <message>
      <location filename="firmcell/app/rating_plate.py" />
      <source>empty</source>
      <translation>leer</translation>
    </message>
    <message>
      <location filename="firmcell/app/shop/across_rows.py" />
      <source>%1 of %2</source>
      <translation>%1 von %2</translation>
    </message>
    <message>
      <location filename="firmcell/app/shop/across_rows.py" />
      <source>%1 to %2 mm</source>
      <translation>%1 bis %2 mm</translation>
    </message>
    <message>
      <location filename="firmcell/app/shop/across_rows.py" />
      <source>back in a drawer</source>
      <translation>zurück in einer Schublade</translation>
    </message>
    <message>
      <location filename="firmcell/app/shop/across_rows.py" />
      <source>scrapped</source>
      <translation>verschrottet</translation>
    </message>
    <message>
      <location filename="firmcell/app/shop/across_window.py" />
      <source>%1, %2, %3 timed, %4 discharged whole, %5 came back.</source>
      <translation>%1, %2, %3 mit Zeit, %4 ganz entladen, %5 zurückgekommen.</translation>
    </message>
    <message>
      <location filename="firmcell/app/shop/across_window.py" />
      <source>&amp;Capacity</source>
      <translation>&amp;Kapazität</translation>
    </message>
    <message>
      <location filename="firmcell/app/shop/across_window.py" />
      <source>&amp;Joints</source>
      <translation>&amp;Verbindungen</translation>
    </message>
    <message>
      <location filename="firmcell/app/shop/across_window.py" />
      <source>&amp;Peel strength</source>
      <translation>&amp;Schälkraft</translation>
    </message>
    <message>
      <location filename="firmcell/app/shop/across_window.py" />
      <source>&amp;Times</source>
      <translation>&amp;Zeiten</translation>
    </message>
    <message>
      <location filename="firmcell/app/shop/across_window.py" />
      <source>Across all jobs</source>
      <translation>Über alle Aufträge</translation>
    </message>
    <message>
      <location filename="firmcell/app/shop/across_window.py" />
      <source>Came out</source>
      <translation>Kam heraus</translation>
    </message>
    <message>
      <location filename="firmcell/app/shop/across_window.py" />
      <source>Capacity measured against predicted</source>
      <translation>Kapazität, gemessen gegen vorausgesagt</translation>
    </message>
    <message>
      <location filename="firmcell/app/shop/across_window.py" />
      <source>Cells that came &amp;back</source>
      <translation>&amp;Zurückgekommene Zellen</translation>
    </message>
    <message>
      <location filename="firmcell/app/shop/across_window.py" />
      <source>Cells that came back by class</source>
      <translation>Zurückgekommene Zellen nach Klasse</translation>
    </message>
    <message>
      <location filename="firmcell/app/shop/across_window.py" />
      <source>Cells that came out of jobs again</source>
      <translation>Zellen, die aus Aufträgen wieder herauskamen</translation>
    </message>
    <message>
      <location filename="firmcell/app/shop/across_window.py" />
      <source>Class</source>
      <translation>Klasse</translation>
    </message>
    <message>
      <location filename="firmcell/app/shop/across_window.py" />
      <source>Day</source>
      <translation>Tag</translation>
    </message>
    <message>
      <location filename="firmcell/app/shop/across_window.py" />
      <source>Energy, about</source>
      <translation>Energie, etwa</translation>
    </message>
    <message>
      <location filename="firmcell/app/shop/across_window.py" />
      <source>How much was read</source>
      <translation>Wie viel gelesen wurde</translation>
    </message>
    <message>
      <location filename="firmcell/app/shop/across_window.py" />
      <source>In all</source>
      <translation>Insgesamt</translation>
    </message>
    <message>
      <location filename="firmcell/app/shop/across_window.py" />
      <source>Its kind</source>
      <translation>Ihre Art</translation>
    </message>
    <message>
      <location filename="firmcell/app/shop/across_window.py" />
      <source>Joined by</source>
      <translation>Verbunden durch</translation>
    </message>
    <message>
      <location filename="firmcell/app/shop/across_window.py" />
      <source>Joints that were measured</source>
      <translation>Verbindungen, die gemessen wurden</translation>
    </message>
    <message>
      <location filename="firmcell/app/shop/across_window.py" />
      <source>Learn from the jobs of a &amp;folder…</source>
      <translation>Aus den Aufträgen eines &amp;Ordners lernen…</translation>
    </message>
    <message>
      <location filename="firmcell/app/shop/across_window.py" />
      <source>Least</source>
      <translation>Kleinste</translation>
    </message>
    <message>
      <location filename="firmcell/app/shop/across_window.py" />
      <source>Longest</source>
      <translation>Längste</translation>
    </message>
    <message>
      <location filename="firmcell/app/shop/across_window.py" />
      <source>Lot</source>
      <translation>Los</translation>
    </message>
    <message>
      <location filename="firmcell/app/shop/across_window.py" />
      <source>Mean</source>
      <translation>Mittel</translation>
    </message>
    <message>
      <location filename="firmcell/app/shop/across_window.py" />
      <source>Measured</source>
      <translation>Gemessen</translation>
    </message>
    <message>
      <location filename="firmcell/app/shop/across_window.py" />
      <source>Median</source>
      <translation>Median</translation>
    </message>
    <message>
      <location filename="firmcell/app/shop/across_window.py" />
      <source>No cell came out of a job again.</source>
      <translation>Noch kam keine Zelle aus einem Auftrag zurück.</translation>
    </message>
    <message>
      <location filename="firmcell/app/shop/across_window.py" />
      <source>No joint was measured by four wires yet.</source>
      <translation>Noch wurde keine Verbindung mit vier Leitungen gemessen.</translation>
    </message>
    <message>
      <location filename="firmcell/app/shop/across_window.py" />
      <source>No pack was discharged whole and watched yet (Bench, Watch a run).</source>
      <translation>Noch wurde kein Pack ganz entladen und dabei beobachtet (Werkbank, Eine Entladung beobachten).</translation>
    </message>
    <message>
      <location filename="firmcell/app/shop/across_window.py" />
      <source>No peel was measured yet: the peel step of each job takes force or torn hole.</source>
      <translation>Noch wurde keine Schälprobe gemessen: der Schälschritt jedes Auftrags nimmt Kraft oder ausgerissenes Loch auf.</translation>
    </message>
    <message>
      <location filename="firmcell/app/shop/across_window.py" />
      <source>No step was timed yet: steps that are passed in one sitting are.</source>
      <translation>Noch hat kein Schritt eine Zeit: Schritte, die in einer Sitzung bestanden werden, bekommen eine.</translation>
    </message>
    <message>
      <location filename="firmcell/app/shop/across_window.py" />
      <source>Of it</source>
      <translation>Davon</translation>
    </message>
    <message>
      <location filename="firmcell/app/shop/across_window.py" />
      <source>Packs that were discharged whole</source>
      <translation>Packs, die ganz entladen wurden</translation>
    </message>
    <message>
      <location filename="firmcell/app/shop/across_window.py" />
      <source>Passed</source>
      <translation>Bestanden</translation>
    </message>
    <message>
      <location filename="firmcell/app/shop/across_window.py" />
      <source>Peel strength by setting</source>
      <translation>Schälkraft nach Einstellung</translation>
    </message>
    <message>
      <location filename="firmcell/app/shop/across_window.py" />
      <source>Peels</source>
      <translation>Schälproben</translation>
    </message>
    <message>
      <location filename="firmcell/app/shop/across_window.py" />
      <source>Peels, joints and capacity of jobs made before there was a register</source>
      <translation>Schälproben, Verbindungen und Kapazität von Aufträgen aus der Zeit vor dem Register</translation>
    </message>
    <message>
      <location filename="firmcell/app/shop/across_window.py" />
      <source>Peels, joints, times, capacity, cells that came back</source>
      <translation>Schälproben, Verbindungen, Zeiten, Kapazität, zurückgekommene Zellen</translation>
    </message>
    <message>
      <location filename="firmcell/app/shop/across_window.py" />
      <source>Predicted</source>
      <translation>Vorausgesagt</translation>
    </message>
    <message>
      <location filename="firmcell/app/shop/across_window.py" />
      <source>Reading the register …</source>
      <translation>Das Register wird gelesen …</translation>
    </message>
    <message>
      <location filename="firmcell/app/shop/across_window.py" />
      <source>Resistance of joints by strip</source>
      <translation>Widerstand der Verbindungen nach Streifen</translation>
    </message>
    <message>
      <location filename="firmcell/app/shop/across_window.py" />
      <source>Serial</source>
      <translation>Seriennummer</translation>
    </message>
    <message>
      <location filename="firmcell/app/shop/across_window.py" />
      <source>Setting</source>
      <translation>Einstellung</translation>
    </message>
    <message>
      <location filename="firmcell/app/shop/across_window.py" />
      <source>Settings that were peeled</source>
      <translation>Einstellungen mit Schälproben</translation>
    </message>
    <message>
      <location filename="firmcell/app/shop/across_window.py" />
      <source>Shortest</source>
      <translation>Kürzeste</translation>
    </message>
    <message>
      <location filename="firmcell/app/shop/across_window.py" />
      <source>Time by step</source>
      <translation>Zeit nach Schritt</translation>
    </message>
    <message>
      <location filename="firmcell/app/shop/across_window.py" />
      <source>Times of steps</source>
      <translation>Zeiten der Schritte</translation>
    </message>
    <message>
      <location filename="firmcell/app/shop/across_window.py" />
      <source>Torn hole</source>
      <translation>Loch ausgerissen</translation>
    </message>
    <message>
      <location filename="firmcell/app/shop/across_window.py" />
      <source>Welder</source>
      <translation>Schweißgerät</translation>
    </message>
    <message>
      <location filename="firmcell/app/shop/across_window.py" />
      <source>Went in</source>
      <translation>Kam hinein</translation>
    </message>
    <message>
      <location filename="firmcell/app/shop/across_window.py" />
      <source>Why</source>
      <translation>Warum</translation>
    </message>
    <message>
      <location filename="firmcell/app/shop/across_window.py" />
      <source>Worst</source>
      <translation>Schlechteste</translation>
    </message>
    <message>
      <location filename="firmcell/app/shop/across_window.py" />
      <source>each</source>
      <translation>je</translation>
    </message>
    <message>
      <location filename="firmcell/app/shop/across_window.py" />
      <source>measured, Ah</source>
      <translation>gemessen, Ah</translation>
    </message>
    <message>
      <location filename="firmcell/app/shop/across_window.py" />
      <source>median, min</source>
      <translation>Median, min</translation>
    </message>
    <message>
      <location filename="firmcell/app/shop/across_window.py" />
      <source>of those used, %</source>
      <translation>der verbauten, %</translation>
    </message>
    <message>
      <location filename="firmcell/app/shop/across_window.py" />
      <source>one joint, mΩ</source>
      <translation>eine Verbindung, mΩ</translation>
    </message>
    <message>
      <location filename="firmcell/app/shop/across_window.py" />
      <source>peel</source>
      <translation>Schälprobe</translation>
    </message>
    <message>
      <location filename="firmcell/app/shop/across_window.py" />
      <source>peel force, N</source>
      <translation>Schälkraft, N</translation>
    </message>
    <message>
      <location filename="firmcell/app/shop/across_window.py" />
      <source>predicted, Ah</source>
      <translation>vorausgesagt, Ah</translation>
    </message>
    <message>
      <location filename="firmcell/app/shop/day_window.py" />
      <source>%1, about %2 of work</source>
      <translation>%1, etwa %2 Arbeit</translation>
    </message>
    <message>
      <location filename="firmcell/app/shop/day_window.py" />
      <source>&amp;Jobs that are planned; Space ticks one</source>
      <translation>&amp;Aufträge im Plan; Leertaste hakt einen an</translation>
    </message>
    <message>
      <location filename="firmcell/app/shop/day_window.py" />
      <source>&amp;People</source>
      <translation>&amp;Leute</translation>
    </message>
    <message>
      <location filename="firmcell/app/shop/day_window.py" />
      <source>&amp;Reminders</source>
      <translation>&amp;Erinnerungen</translation>
    </message>
    <message>
      <location filename="firmcell/app/shop/day_window.py" />
      <source>&amp;Reminders (%1 due)</source>
      <translation>&amp;Erinnerungen (%1 fällig)</translation>
    </message>
    <message>
      <location filename="firmcell/app/shop/day_window.py" />
      <source>&amp;Steps</source>
      <translation>&amp;Schritte</translation>
    </message>
    <message>
      <location filename="firmcell/app/shop/day_window.py" />
      <source>&amp;to</source>
      <translation>&amp;bis</translation>
    </message>
    <message>
      <location filename="firmcell/app/shop/day_window.py" />
      <source>Due</source>
      <translation>Fällig</translation>
    </message>
    <message>
      <location filename="firmcell/app/shop/day_window.py" />
      <source>How the plan stands</source>
      <translation>Wie der Plan steht</translation>
    </message>
    <message>
      <location filename="firmcell/app/shop/day_window.py" />
      <source>Jobs that are planned</source>
      <translation>Aufträge im Plan</translation>
    </message>
    <message>
      <location filename="firmcell/app/shop/day_window.py" />
      <source>Of</source>
      <translation>Von</translation>
    </message>
    <message>
      <location filename="firmcell/app/shop/day_window.py" />
      <source>People at the benches</source>
      <translation>Leute an den Werkbänken</translation>
    </message>
    <message>
      <location filename="firmcell/app/shop/day_window.py" />
      <source>Plan and reminders</source>
      <translation>Plan und Erinnerungen</translation>
    </message>
    <message>
      <location filename="firmcell/app/shop/day_window.py" />
      <source>Saturday and S&amp;unday too</source>
      <translation>Auch Samstag und S&amp;onntag</translation>
    </message>
    <message>
      <location filename="firmcell/app/shop/day_window.py" />
      <source>Steps of the days; Enter opens the job</source>
      <translation>Schritte der Tage; Enter öffnet den Auftrag</translation>
    </message>
    <message>
      <location filename="firmcell/app/shop/day_window.py" />
      <source>Takes</source>
      <translation>Dauert</translation>
    </message>
    <message>
      <location filename="firmcell/app/shop/day_window.py" />
      <source>The day</source>
      <translation>Der Tag</translation>
    </message>
    <message>
      <location filename="firmcell/app/shop/day_window.py" />
      <source>Until</source>
      <translation>Bis</translation>
    </message>
    <message>
      <location filename="firmcell/app/shop/day_window.py" />
      <source>What is to be looked at again</source>
      <translation>Was wieder anzusehen ist</translation>
    </message>
    <message>
      <location filename="firmcell/app/shop/day_window.py" />
      <source>When</source>
      <translation>Wann</translation>
    </message>
    <message>
      <location filename="firmcell/app/shop/day_window.py" />
      <source>Who</source>
      <translation>Wer</translation>
    </message>
    <message>
      <location filename="firmcell/app/shop/day_window.py" />
      <source>With</source>
      <translation>Womit</translation>
    </message>
    <message>
      <location filename="firmcell/app/shop/day_window.py" />
      <source>Work &amp;from</source>
      <translation>Arbeit &amp;von</translation>
    </message>
    <message>
      <location filename="firmcell/app/shop/day_window.py" />
      <source>Write a &amp;calendar…</source>
      <translation>Einen &amp;Kalender schreiben…</translation>
    </message>
    <message>
      <location filename="firmcell/app/shop/parts_tab.py" />
      <source>&amp;Came in or went…</source>
      <translation>&amp;Kam oder ging…</translation>
    </message>
    <message>
      <location filename="firmcell/app/shop/parts_tab.py" />
      <source>&amp;Count it…</source>
      <translation>&amp;Zählen…</translation>
    </message>
    <message>
      <location filename="firmcell/app/shop/parts_tab.py" />
      <source>&amp;New part…</source>
      <translation>&amp;Neues Teil…</translation>
    </message>
    <message>
      <location filename="firmcell/app/shop/parts_tab.py" />
      <source>&amp;Read a table…</source>
      <translation>&amp;Eine Tabelle lesen…</translation>
    </message>
    <message>
      <location filename="firmcell/app/shop/parts_tab.py" />
      <source>&amp;What it is…</source>
      <translation>&amp;Was es ist…</translation>
    </message>
    <message>
      <location filename="firmcell/app/shop/parts_tab.py" />
      <source>No longer &amp;kept</source>
      <translation>Nicht mehr &amp;geführt</translation>
    </message>
    <message>
      <location filename="firmcell/app/shop/parts_tab.py" />
      <source>No part is in stock yet. Take in the rolls, bags and boxes of the shop: finished steps then take from them, and proposals use them first.</source>
      <translation>Noch ist kein Teil auf Lager. Die Rollen, Beutel und Schachteln der Werkstatt aufnehmen: fertige Schritte nehmen dann daraus, und Vorschläge nehmen sie zuerst.</translation>
    </message>
    <message>
      <location filename="firmcell/app/shop/parts_tab.py" />
      <source>Parts in stock</source>
      <translation>Teile auf Lager</translation>
    </message>
    <message>
      <location filename="firmcell/app/shop/parts_tab.py" />
      <source>Price</source>
      <translation>Preis</translation>
    </message>
    <message>
      <location filename="firmcell/app/shop/parts_tab.py" />
      <source>Supplier</source>
      <translation>Lieferant</translation>
    </message>
    <message>
      <location filename="firmcell/app/shop/parts_tab.py" />
      <source>There</source>
      <translation>Vorhanden</translation>
    </message>
    <message>
      <location filename="firmcell/app/shop/parts_tab.py" />
      <source>Write CS&amp;V…</source>
      <translation>CS&amp;V schreiben…</translation>
    </message>
    <message>
      <location filename="firmcell/app/shop/settings_tab.py" />
      <source>From the peeled samples of all jobs. “Proven” is the share of good welds that these samples prove with 90 % confidence: few samples prove little, and a failure proves much against. Every job still peels its own samples.</source>
      <translation>Aus den Schälproben aller Aufträge. „Belegt“ ist der Anteil guter Schweißungen, den diese Proben mit 90 % Sicherheit belegen: wenige Proben belegen wenig, und ein Versagen spricht stark dagegen. Jeder Auftrag schält weiter seine eigenen Proben.</translation>
    </message>
    <message>
      <location filename="firmcell/app/shop/settings_tab.py" />
      <source>Held</source>
      <translation>Hielt</translation>
    </message>
    <message>
      <location filename="firmcell/app/shop/settings_tab.py" />
      <source>Last</source>
      <translation>Zuletzt</translation>
    </message>
    <message>
      <location filename="firmcell/app/shop/settings_tab.py" />
      <source>Layers</source>
      <translation>Lagen</translation>
    </message>
    <message>
      <location filename="firmcell/app/shop/settings_tab.py" />
      <source>No sample was peeled yet: the settings of each job's peel step are kept here.</source>
      <translation>Noch wurde keine Probe geschält: die Einstellungen aus dem Schälschritt jedes Auftrags werden hier aufbewahrt.</translation>
    </message>
    <message>
      <location filename="firmcell/app/shop/settings_tab.py" />
      <source>Peeled</source>
      <translation>Geschält</translation>
    </message>
    <message>
      <location filename="firmcell/app/shop/settings_tab.py" />
      <source>Proven</source>
      <translation>Belegt</translation>
    </message>
    <message>
      <location filename="firmcell/app/shop/settings_tab.py" />
      <source>Pulses</source>
      <translation>Impulse</translation>
    </message>
    <message>
      <location filename="firmcell/app/shop/shop_state.py" />
      <source>%1 in stock, %2.</source>
      <translation>%1 auf Lager, %2.</translation>
    </message>
    <message>
      <location filename="firmcell/app/shop/shop_state.py" />
      <source>Register: %1</source>
      <translation>Register: %1</translation>
    </message>
    <message>
      <location filename="firmcell/app/shop/shop_window.py" />
      <source>&amp;How we work</source>
      <translation>&amp;Wie wir arbeiten</translation>
    </message>
    <message>
      <location filename="firmcell/app/shop/shop_window.py" />
      <source>&amp;Parts in stock</source>
      <translation>&amp;Teile auf Lager</translation>
    </message>
    <message>
      <location filename="firmcell/app/shop/shop_window.py" />
      <source>&amp;Settings that held</source>
      <translation>&amp;Einstellungen, die hielten</translation>
    </message>
    <message>
      <location filename="firmcell/app/shop/shop_window.py" />
      <source>&amp;Tools</source>
      <translation>&amp;Werkzeuge</translation>
    </message>
    <message>
      <location filename="firmcell/app/shop/shop_window.py" />
      <source>Opening the register …</source>
      <translation>Das Register wird geöffnet …</translation>
    </message>
    <message>
      <location filename="firmcell/app/shop/shop_window.py" />
      <source>Parts, tools, settings and ways</source>
      <translation>Teile, Werkzeuge, Einstellungen und Arbeitsweisen</translation>
    </message>
    <message>
      <location filename="firmcell/app/shop/shop_window.py" />
      <source>State of the register</source>
      <translation>Zustand des Registers</translation>
    </message>
    <message>
      <location filename="firmcell/app/shop/shop_window.py" />
      <source>What the shop has</source>
      <translation>Was die Werkstatt hat</translation>
    </message>
    <message>
      <location filename="firmcell/app/shop/shopping_window.py" />
      <source>%1
%2 still wanted</source>
      <translation>%1
%2 noch gewünscht</translation>
    </message>
    <message>
      <location filename="firmcell/app/shop/shopping_window.py" />
      <source>&amp;Jobs it is for; Space ticks one</source>
      <translation>&amp;Aufträge, für die sie ist; Leertaste hakt einen an</translation>
    </message>
    <message>
      <location filename="firmcell/app/shop/shopping_window.py" />
      <source>Buy</source>
      <translation>Kaufen</translation>
    </message>
    <message>
      <location filename="firmcell/app/shop/shopping_window.py" />
      <source>Cost</source>
      <translation>Kosten</translation>
    </message>
    <message>
      <location filename="firmcell/app/shop/shopping_window.py" />
      <source>For</source>
      <translation>Für</translation>
    </message>
    <message>
      <location filename="firmcell/app/shop/shopping_window.py" />
      <source>How it is cut</source>
      <translation>Wie geschnitten wird</translation>
    </message>
    <message>
      <location filename="firmcell/app/shop/shopping_window.py" />
      <source>Jobs that the list is for</source>
      <translation>Aufträge, für die die Liste ist</translation>
    </message>
    <message>
      <location filename="firmcell/app/shop/shopping_window.py" />
      <source>Parts that the jobs want</source>
      <translation>Teile, die die Aufträge brauchen</translation>
    </message>
    <message>
      <location filename="firmcell/app/shop/shopping_window.py" />
      <source>Shopping list</source>
      <translation>Einkaufsliste</translation>
    </message>
    <message>
      <location filename="firmcell/app/shop/shopping_window.py" />
      <source>Wanted</source>
      <translation>Gewünscht</translation>
    </message>
    <message>
      <location filename="firmcell/app/shop/shopping_window.py" />
      <source>What is to be bought</source>
      <translation>Was zu kaufen ist</translation>
    </message>
    <message>
      <location filename="firmcell/app/shop/shopping_window.py" />
      <source>Write &amp;PDF…</source>
      <translation>&amp;PDF schreiben…</translation>
    </message>
    <message>
      <location filename="firmcell/app/shop/shopping_window.py" />
      <source>Write C&amp;SV…</source>
      <translation>C&amp;SV schreiben…</translation>
    </message>
    <message>
      <location filename="firmcell/app/shop/shopping_window.py" />
      <source>little left</source>
      <translation>wenig übrig</translation>
    </message>
    <message>
      <location filename="firmcell/app/shop/things_tab.py" />
      <source>All that was written of it</source>
      <translation>Alles, was dazu geschrieben wurde</translation>
    </message>
    <message>
      <location filename="firmcell/app/shop/things_tab.py" />
      <source>Take this entry &amp;back</source>
      <translation>Diesen Eintrag &amp;zurücknehmen</translation>
    </message>
    <message>
      <location filename="firmcell/app/shop/tools_tab.py" />
      <source>&amp;Checked…</source>
      <translation>&amp;Geprüft…</translation>
    </message>
    <message>
      <location filename="firmcell/app/shop/tools_tab.py" />
      <source>&amp;New tool…</source>
      <translation>&amp;Neues Werkzeug…</translation>
    </message>
    <message>
      <location filename="firmcell/app/shop/tools_tab.py" />
      <source>Called</source>
      <translation>Heißt</translation>
    </message>
    <message>
      <location filename="firmcell/app/shop/tools_tab.py" />
      <source>Checked</source>
      <translation>Geprüft</translation>
    </message>
    <message>
      <location filename="firmcell/app/shop/tools_tab.py" />
      <source>It can</source>
      <translation>Es kann</translation>
    </message>
    <message>
      <location filename="firmcell/app/shop/tools_tab.py" />
      <source>No tool is told yet. With its welders a proposal knows which strip can be joined; with its meters the program says when one is to be checked.</source>
      <translation>Noch ist kein Werkzeug genannt. Mit den Schweißgeräten weiß ein Vorschlag, welcher Streifen verbunden werden kann; mit den Messgeräten sagt das Programm, wann eines zu prüfen ist.</translation>
    </message>
    <message>
      <location filename="firmcell/app/shop/ways_tab.py" />
      <source>The first design of a new job follows these, and takes the parts that are in stock, as long as no stop and no attention comes of it. Jobs that are there stay as they are.</source>
      <translation>Der erste Entwurf eines neuen Auftrags folgt diesen und nimmt die Teile, die auf Lager sind, solange kein Halt und keine Warnung daraus wird. Vorhandene Aufträge bleiben, wie sie sind.</translation>
    </message>
    <message>
      <location filename="firmcell/app/shop/ways_tab.py" />
      <source>no preference</source>
      <translation>keine Vorliebe</translation>
    </message>
    <message>
      <location filename="firmcell/app/sorting.py" />
      <source>days</source>
      <translation>Tage</translation>
    </message>
    <message>
      <location filename="firmcell/app/start_page.py" />
      <source>From the workshop of Hollin Lea, an invented farm</source>
      <translation>Aus der Werkstatt von Hollin Lea, einem erfundenen Hof</translation>
    </message>
    <message>
      <location filename="firmcell/app/start_page.py" />
      <source>New job… (Ctrl+N)</source>
      <translation>Neuer Auftrag… (Strg+N)</translation>
    </message>
    <message>
      <location filename="firmcell/app/start_page.py" />
      <source>Nothing yet; jobs you open are listed here.</source>
      <translation>Noch nichts; geöffnete Aufträge stehen hier.</translation>
    </message>
    <message>
      <location filename="firmcell/app/start_page.py" />
      <source>Open a job… (Ctrl+O)</source>
      <translation>Auftrag öffnen… (Strg+O)</translation>
    </message>
    <message>
      <location filename="firmcell/app/start_page.py" />
      <source>Recent jobs</source>
      <translation>Letzte Aufträge</translation>
    </message>
    <message>
      <location filename="firmcell/app/start_page.py" />
      <source>The day: plan and reminders… (Ctrl+Alt+T)</source>
      <translation>Der Tag: Plan und Erinnerungen… (Strg+Alt+T)</translation>
    </message>
    <message>
      <location filename="firmcell/app/start_page.py" />
      <source>The whole pack in one model: every number, wire, step and check on the bench comes from it.</source>
      <translation>Der ganze Pack in einem Modell: jede Zahl, jede Leitung, jeder Schritt und jede Prüfung an der Werkbank kommt daraus.</translation>
    </message>
    <message>
      <location filename="firmcell/app/start_page.py" />
      <source>To be looked at</source>
      <translation>Zu erledigen</translation>
    </message>
    <message>
      <location filename="firmcell/app/start_page.py" />
      <source>To begin with</source>
      <translation>Zum Anfang</translation>
    </message>
    <message>
      <location filename="firmcell/app/start_page.py" />
      <source>Twelve stops from brief to passport, about twenty minutes</source>
      <translation>Zwölf Halte von der Vorgabe bis zum Pass, etwa zwanzig Minuten</translation>
    </message>
    <message>
      <location filename="firmcell/app/start_page.py" />
      <source>Ways to a job</source>
      <translation>Wege zu einem Auftrag</translation>
    </message>
    <message>
      <location filename="firmcell/app/start_page.py" />
      <source>What falls due</source>
      <translation>Was fällig ist</translation>
    </message>
    <message>
      <location filename="firmcell/app/start_page.py" />
      <source>Your first pack, step by step</source>
      <translation>Ihr erster Pack, Schritt für Schritt</translation>
    </message>
    <message>
      <location filename="firmcell/app/stock/cell_card.py" />
      <source>All that was written of the cell</source>
      <translation>Alles, was zu der Zelle geschrieben wurde</translation>
    </message>
    <message>
      <location filename="firmcell/app/stock/cell_card.py" />
      <source>Pick a cell, or scan its code.</source>
      <translation>Eine Zelle wählen oder ihren Code scannen.</translation>
    </message>
    <message>
      <location filename="firmcell/app/stock/cell_card.py" />
      <source>Ta&amp;ke this entry back…</source>
      <translation>Diesen Eintrag &amp;zurücknehmen…</translation>
    </message>
    <message>
      <location filename="firmcell/app/stock/cell_card.py" />
      <source>Voltage at rest</source>
      <translation>Ruhespannung</translation>
    </message>
    <message>
      <location filename="firmcell/app/stock/cell_card.py" />
      <source>at rest, V</source>
      <translation>in Ruhe, V</translation>
    </message>
    <message>
      <location filename="firmcell/app/stock/fit_window.py" />
      <source>Place</source>
      <translation>Ort</translation>
    </message>
    <message>
      <location filename="firmcell/app/stock/fit_window.py" />
      <source>Plus</source>
      <translation>Plus</translation>
    </message>
    <message>
      <location filename="firmcell/app/stock/match_window.py" />
      <source>%1S%2P of %3</source>
      <translation>%1S%2P aus %3</translation>
    </message>
    <message>
      <location filename="firmcell/app/stock/match_window.py" />
      <source>the pack</source>
      <translation>der Pack</translation>
    </message>
    <message>
      <location filename="firmcell/app/stock/reading_line.py" />
      <source>&amp;At rest, V</source>
      <translation>In &amp;Ruhe, V</translation>
    </message>
    <message>
      <location filename="firmcell/app/stock/reading_line.py" />
      <source>&amp;Capacity, Ah</source>
      <translation>&amp;Kapazität, Ah</translation>
    </message>
    <message>
      <location filename="firmcell/app/stock/reading_line.py" />
      <source>&amp;Resistance, mΩ</source>
      <translation>&amp;Widerstand, mΩ</translation>
    </message>
    <message>
      <location filename="firmcell/app/stock/reading_line.py" />
      <source>&amp;Serial</source>
      <translation>&amp;Seriennummer</translation>
    </message>
    <message>
      <location filename="firmcell/app/stock/reading_line.py" />
      <source>Scan or type a serial, then Enter. Enter goes on from value to value; a value that is left empty is not written.</source>
      <translation>Eine Seriennummer scannen oder tippen, dann Enter. Enter geht von Wert zu Wert weiter; ein leer gelassener Wert wird nicht geschrieben.</translation>
    </message>
    <message>
      <location filename="firmcell/app/stock/reading_line.py" />
      <source>Serial of the cell that is measured</source>
      <translation>Seriennummer der gemessenen Zelle</translation>
    </message>
    <message>
      <location filename="firmcell/app/stock/reading_line.py" />
      <source>What became of the reading</source>
      <translation>Was aus der Ablesung wurde</translation>
    </message>
    <message>
      <location filename="firmcell/app/stock/reading_line.py" />
      <source>Whether Enter stops here</source>
      <translation>Ob Enter hier hält</translation>
    </message>
    <message>
      <location filename="firmcell/app/stock/stock_rows.py" />
      <source>All cells</source>
      <translation>Alle Zellen</translation>
    </message>
    <message>
      <location filename="firmcell/app/stock/stock_rows.py" />
      <source>At rest, V</source>
      <translation>In Ruhe, V</translation>
    </message>
    <message>
      <location filename="firmcell/app/stock/stock_rows.py" />
      <source>In jobs</source>
      <translation>In Aufträgen</translation>
    </message>
    <message>
      <location filename="firmcell/app/stock/stock_rows.py" />
      <source>Lost, mV/day</source>
      <translation>Verlust, mV/Tag</translation>
    </message>
    <message>
      <location filename="firmcell/app/stock/stock_rows.py" />
      <source>Scrapped</source>
      <translation>Verschrottet</translation>
    </message>
    <message>
      <location filename="firmcell/app/stock/stock_window.py" />
      <source>&amp;Labels</source>
      <translation>&amp;Etiketten</translation>
    </message>
    <message>
      <location filename="firmcell/app/stock/stock_window.py" />
      <source>&amp;Move…</source>
      <translation>&amp;Umlegen…</translation>
    </message>
    <message>
      <location filename="firmcell/app/stock/stock_window.py" />
      <source>&amp;New cells…</source>
      <translation>&amp;Neue Zellen…</translation>
    </message>
    <message>
      <location filename="firmcell/app/stock/stock_window.py" />
      <source>Cells in stock</source>
      <translation>Zellen im Lager</translation>
    </message>
    <message>
      <location filename="firmcell/app/stock/stock_window.py" />
      <source>Cells; Enter reads one</source>
      <translation>Zellen; Enter liest eine ab</translation>
    </message>
    <message>
      <location filename="firmcell/app/stock/stock_window.py" />
      <source>Drawers, jobs and scrap</source>
      <translation>Schubladen, Aufträge und Schrott</translation>
    </message>
    <message>
      <location filename="firmcell/app/stock/stock_window.py" />
      <source>Find cells</source>
      <translation>Zellen finden</translation>
    </message>
    <message>
      <location filename="firmcell/app/stock/stock_window.py" />
      <source>For the &amp;drawers…</source>
      <translation>Für die &amp;Schubladen…</translation>
    </message>
    <message>
      <location filename="firmcell/app/stock/stock_window.py" />
      <source>For the &amp;wraps of the cells…</source>
      <translation>Für die &amp;Hüllen der Zellen…</translation>
    </message>
    <message>
      <location filename="firmcell/app/stock/stock_window.py" />
      <source>No cell is in the register yet. Take new cells in, read a table of cells, or look round in the drawers of the demo farm.</source>
      <translation>Noch ist keine Zelle im Register. Neue Zellen aufnehmen, eine Tabelle von Zellen lesen oder sich in den Schubladen des Demohofs umsehen.</translation>
    </message>
    <message>
      <location filename="firmcell/app/stock/stock_window.py" />
      <source>Not &amp;taken by the server: %1…</source>
      <translation>Vom Server &amp;nicht angenommen: %1…</translation>
    </message>
    <message>
      <location filename="firmcell/app/stock/stock_window.py" />
      <source>Not &amp;taken by the server…</source>
      <translation>Vom Server &amp;nicht angenommen…</translation>
    </message>
    <message>
      <location filename="firmcell/app/stock/stock_window.py" />
      <source>Read a &amp;table…</source>
      <translation>Eine &amp;Tabelle lesen…</translation>
    </message>
    <message>
      <location filename="firmcell/app/stock/stock_window.py" />
      <source>Serial, class, lot, drawer or job; or scan a code</source>
      <translation>Seriennummer, Klasse, Los, Schublade oder Auftrag; oder einen Code scannen</translation>
    </message>
    <message>
      <location filename="firmcell/app/stock/stock_window.py" />
      <source>The demo far&amp;m’s drawers</source>
      <translation>Schubladen des De&amp;mohofs</translation>
    </message>
    <message>
      <location filename="firmcell/app/stock/stock_window.py" />
      <source>no drawer told MM 1000</source>
      <translation>keine Schublade genannt MM 1000</translation>
    </message>
    <message>
      <location filename="firmcell/app/tables.py" />
      <source>Findings, worst first</source>
      <translation>Befunde, der schwerste zuerst</translation>
    </message>
    <message>
      <location filename="firmcell/app/theme.py" />
      <source>blue</source>
      <translation>blau</translation>
    </message>
    <message>
      <location filename="firmcell/app/theme.py" />
      <source>brown</source>
      <translation>braun</translation>
    </message>
    <message>
      <location filename="firmcell/app/theme.py" />
      <source>green</source>
      <translation>grün</translation>
    </message>
    <message>
      <location filename="firmcell/app/theme.py" />
      <source>grey</source>
      <translation>grau</translation>
    </message>
    <message>
      <location filename="firmcell/app/theme.py" />
      <source>orange</source>
      <translation>orange</translation>
    </message>
    <message>
      <location filename="firmcell/app/theme.py" />
      <source>red</source>
      <translation>rot</translation>
    </message>
    <message>
      <location filename="firmcell/app/theme.py" />
      <source>sealant</source>
      <translation>Dichtmasse</translation>
    </message>
    <message>
      <location filename="firmcell/app/theme.py" />
      <source>sheet</source>
      <translation>Folie</translation>
    </message>
    <message>
      <location filename="firmcell/app/theme.py" />
      <source>violet</source>
      <translation>violett</translation>
    </message>
    <message>
      <location filename="firmcell/app/theme.py" />
      <source>yellow</source>
      <translation>gelb</translation>
    </message>
    <message>
      <location filename="firmcell/app/trainer.py" />
      <source>Reads</source>
      <translation>Zeigt</translation>
    </message>
    <message>
      <location filename="firmcell/core/analysis/analyse.py" />
      <source>ends</source>
      <translation>Enden</translation>
    </message>
    <message>
      <location filename="firmcell/core/analysis/findings.py" />
      <source>BMS</source>
      <translation>BMS</translation>
    </message>
    <message>
      <location filename="firmcell/core/analysis/findings.py" />
      <source>bms</source>
      <translation>bms</translation>
    </message>
    <message>
      <location filename="firmcell/core/analysis/findings.py" />
      <source>brief</source>
      <translation>Vorgabe</translation>
    </message>
    <message>
      <location filename="firmcell/core/analysis/findings.py" />
      <source>insulation</source>
      <translation>Isolierung</translation>
    </message>
    <message>
      <location filename="firmcell/core/analysis/findings.py" />
      <source>layout</source>
      <translation>Anordnung</translation>
    </message>
    <message>
      <location filename="firmcell/core/analysis/findings.py" />
      <source>passport</source>
      <translation>Pass</translation>
    </message>
    <message>
      <location filename="firmcell/core/analysis/findings.py" />
      <source>tests</source>
      <translation>Prüfungen</translation>
    </message>
    <message>
      <location filename="firmcell/core/analysis/run_of_design.py" />
      <source>contacts</source>
      <translation>Kontakte</translation>
    </message>
    <message>
      <location filename="firmcell/core/analysis/run_words.py" />
      <source>charger</source>
      <translation>Ladegerät</translation>
    </message>
    <message>
      <location filename="firmcell/core/analysis/run_words.py" />
      <source>load</source>
      <translation>Last</translation>
    </message>
    <message>
      <location filename="firmcell/core/analysis/storage_words.py" />
      <source>%1 days</source>
      <translation>%1 Tage</translation>
    </message>
    <message>
      <location filename="firmcell/core/analysis/storage_words.py" />
      <source>%1 months</source>
      <translation>%1 Monate</translation>
    </message>
    <message>
      <location filename="firmcell/core/analysis/storage_words.py" />
      <source>%1 years</source>
      <translation>%1 Jahre</translation>
    </message>
    <message>
      <location filename="firmcell/core/analysis/storage_words.py" />
      <source>Put away %1 full at %2: nearly empty (%3) after about %4, between %5 and %6 by how cells of the class differ.</source>
      <translation>Zu %1 voll bei %2 eingelagert: fast leer (%3) nach etwa %4, zwischen %5 und %6, je nachdem, wie Zellen der Klasse sich unterscheiden.</translation>
    </message>
    <message>
      <location filename="firmcell/core/analysis/why.py" />
      <source>%1 (Ctrl+. does it, Ctrl+Z takes it back).</source>
      <translation>%1 (Strg+. tut es, Strg+Z nimmt es zurück).</translation>
    </message>
    <message>
      <location filename="firmcell/core/analysis/why.py" />
      <source>How much it weighs</source>
      <translation>Wie schwer es wiegt</translation>
    </message>
    <message>
      <location filename="firmcell/core/analysis/why.py" />
      <source>No published source stands behind this limit: where you know better from measuring, go by that.</source>
      <translation>Hinter dieser Grenze steht keine veröffentlichte Quelle: wer es durch Messen besser weiß, gehe danach.</translation>
    </message>
    <message>
      <location filename="firmcell/core/analysis/why.py" />
      <source>What can be done</source>
      <translation>Was sich tun lässt</translation>
    </message>
    <message>
      <location filename="firmcell/core/analysis/why.py" />
      <source>Where it comes from</source>
      <translation>Woher es kommt</translation>
    </message>
    <message>
      <location filename="firmcell/core/analysis/why.py" />
      <source>Why it matters</source>
      <translation>Warum es zählt</translation>
    </message>
    <message>
      <location filename="firmcell/core/analysis/why.py" />
      <source>Worth a look; nothing has to be done.</source>
      <translation>Einen Blick wert; nichts muss getan werden.</translation>
    </message>
    <message>
      <location filename="firmcell/core/base/wording.py" />
      <source>%1 min</source>
      <translation>%1 min</translation>
    </message>
    <message>
      <location filename="firmcell/core/bench/joint_order.py" />
      <source>No order of these joints exposes less%1.</source>
      <translation>Keine Reihenfolge dieser Verbindungen legt weniger frei%1.</translation>
    </message>
    <message>
      <location filename="firmcell/core/bench/joint_order.py" />
      <source>This order exposes %1 more than need be: voltage × current of a short × joints, over all steps.</source>
      <translation>Diese Reihenfolge legt %1 mehr frei als nötig: Spannung × Kurzschlussstrom × Verbindungen, über alle Schritte.</translation>
    </message>
    <message>
      <location filename="firmcell/core/bench/live_map.py" />
      <source>%1 of cell %2</source>
      <translation>%1 von Zelle %2</translation>
    </message>
    <message>
      <location filename="firmcell/core/bench/live_map.py" />
      <source>%1, in the first moment up to %2</source>
      <translation>%1, im ersten Augenblick bis zu %2</translation>
    </message>
    <message>
      <location filename="firmcell/core/bench/live_map.py" />
      <source>All live metal is covered in this step.</source>
      <translation>In diesem Schritt ist alles Metall unter Spannung abgedeckt.</translation>
    </message>
    <message>
      <location filename="firmcell/core/bench/live_map.py" />
      <source>Elsewhere it may drive %1.</source>
      <translation>Anderswo kann es %1 treiben.</translation>
    </message>
    <message>
      <location filename="firmcell/core/bench/live_map.py" />
      <source>Nothing here is live as long as the source stays off.</source>
      <translation>Hier steht nichts unter Spannung, solange die Quelle aus bleibt.</translation>
    </message>
    <message>
      <location filename="firmcell/core/bench/live_map.py" />
      <source>rim of cell %1, which is its minus</source>
      <translation>Rand von Zelle %1, der ihr Minus ist</translation>
    </message>
    <message>
      <location filename="firmcell/core/bench/live_map.py" />
      <source>strip of B%1 at cell %2</source>
      <translation>Streifen von B%1 an Zelle %2</translation>
    </message>
    <message>
      <location filename="firmcell/core/bench/moment.py" />
      <source>on</source>
      <translation>auf</translation>
    </message>
    <message>
      <location filename="firmcell/core/bench/pass_check.py" />
      <source>Record %1 tells of an incident, “%2”: say what was found and done (menu Bench) before work goes on.</source>
      <translation>Aufzeichnung %1 meldet einen Vorfall, „%2“: sagen, was gefunden und getan wurde (Menü Werkbank), bevor es weitergeht.</translation>
    </message>
    <message>
      <location filename="firmcell/core/bench/pass_check.py" />
      <source>“%1” comes first: it is a hold point.</source>
      <translation>„%1“ kommt zuerst: das ist ein Haltepunkt.</translation>
    </message>
    <message>
      <location filename="firmcell/core/bench/places_told.py" />
      <source>A tool across</source>
      <translation>Ein Werkzeug quer darüber</translation>
    </message>
    <message>
      <location filename="firmcell/core/bench/places_told.py" />
      <source>At the end</source>
      <translation>Am Ende</translation>
    </message>
    <message>
      <location filename="firmcell/core/bench/places_told.py" />
      <source>Now</source>
      <translation>Jetzt</translation>
    </message>
    <message>
      <location filename="firmcell/core/bench/record_faults.py" />
      <source>Record %1 first.</source>
      <translation>Zuerst eintragen: %1.</translation>
    </message>
    <message>
      <location filename="firmcell/core/bench/record_faults.py" />
      <source>how it was found</source>
      <translation>wie es vorgefunden wurde</translation>
    </message>
    <message>
      <location filename="firmcell/core/bench/record_faults.py" />
      <source>the look-over</source>
      <translation>die Durchsicht</translation>
    </message>
    <message>
      <location filename="firmcell/core/bench/record_faults.py" />
      <source>the polarity by meter</source>
      <translation>die Polung mit dem Messgerät</translation>
    </message>
    <message>
      <location filename="firmcell/core/bench/record_faults.py" />
      <source>the welds</source>
      <translation>die Schweißungen</translation>
    </message>
    <message>
      <location filename="firmcell/core/bench/record_faults.py" />
      <source>weld pair</source>
      <translation>Schweißpaar</translation>
    </message>
    <message>
      <location filename="firmcell/core/bench/standing.py" />
      <source>Close</source>
      <translation>Verschließen</translation>
    </message>
    <message>
      <location filename="firmcell/core/bench/standing.py" />
      <source>Cover</source>
      <translation>Abdecken</translation>
    </message>
    <message>
      <location filename="firmcell/core/bench/standing.py" />
      <source>Insulate</source>
      <translation>Isolieren</translation>
    </message>
    <message>
      <location filename="firmcell/core/bench/standing.py" />
      <source>Prove</source>
      <translation>Prüfen</translation>
    </message>
    <message>
      <location filename="firmcell/core/bench/standing.py" />
      <source>Seal</source>
      <translation>Dichten</translation>
    </message>
    <message>
      <location filename="firmcell/core/bench/touch_limit.py" />
      <source>Up to %1 between bare metal here: over the touch limit. One hand, gloves, covers.</source>
      <translation>Bis zu %1 zwischen blankem Metall hier: über der Berührungsgrenze. Eine Hand, Handschuhe, Abdeckungen.</translation>
    </message>
    <message>
      <location filename="firmcell/core/bench/two_places.py" />
      <source>nothing steady: nothing joins them (under %1 either way)</source>
      <translation>nichts Festes: nichts verbindet sie (unter %1 in beide Richtungen)</translation>
    </message>
    <message>
      <location filename="firmcell/core/bench/two_places.py" />
      <source>nothing: both are at one potential (under %1 either way)</source>
      <translation>nichts: beide liegen auf einem Potential (unter %1 so oder so)</translation>
    </message>
    <message>
      <location filename="firmcell/core/bench/walk.py" />
      <source>%1 against %2</source>
      <translation>%1 gegen %2</translation>
    </message>
    <message>
      <location filename="firmcell/core/bench/walk.py" />
      <source>B%1 against B0</source>
      <translation>B%1 gegen B0</translation>
    </message>
    <message>
      <location filename="firmcell/core/bench/walk.py" />
      <source>The taps do not read as they must: go to Tests</source>
      <translation>Die Abgriffe zeigen nicht, was sie müssen: zu den Prüfungen gehen</translation>
    </message>
    <message>
      <location filename="firmcell/core/bench/weld_control.py" />
      <source>%1 of %2 held: with %3 confidence at least %4 of welds like these are good.</source>
      <translation>%1 von %2 hielten: mit %3 Sicherheit sind wenigstens %4 solcher Schweißungen gut.</translation>
    </message>
    <message>
      <location filename="firmcell/core/bench/weld_control.py" />
      <source>%1: %2 make a chart.</source>
      <translation>%1: ab %2 gibt es eine Regelkarte.</translation>
    </message>
    <message>
      <location filename="firmcell/core/bench/weld_control.py" />
      <source>No %1 on record yet</source>
      <translation>Noch nicht eingetragen: %1</translation>
    </message>
    <message>
      <location filename="firmcell/core/bench/weld_control.py" />
      <source>peel force</source>
      <translation>Schälkraft</translation>
    </message>
    <message>
      <location filename="firmcell/core/bms/board_choice.py" />
      <source>at %1 the %2 may blow before the board trips</source>
      <translation>bei %1 kann %2 durchbrennen, bevor die Platine auslöst</translation>
    </message>
    <message>
      <location filename="firmcell/core/bms/board_choice.py" />
      <source>carries %1</source>
      <translation>trägt %1</translation>
    </message>
    <message>
      <location filename="firmcell/core/bms/board_choice.py" />
      <source>for %1</source>
      <translation>für %1</translation>
    </message>
    <message>
      <location filename="firmcell/core/bms/board_choice.py" />
      <source>load, board, fuse and wire in this order: the board trips first, the fuse is for what the board cannot open</source>
      <translation>Verbraucher, Platine, Sicherung und Leitung in dieser Folge: die Platine löst zuerst aus, die Sicherung ist für das, was die Platine nicht öffnen kann</translation>
    </message>
    <message>
      <location filename="firmcell/core/bms/board_choice.py" />
      <source>the board trips at %1, %2 times the peak</source>
      <translation>die Platine löst bei %1 aus, dem %2-fachen der Spitze</translation>
    </message>
    <message>
      <location filename="firmcell/core/bms/board_choice.py" />
      <source>the collecting strip does not stand %1 for the board's %2 s</source>
      <translation>der Sammelstreifen hält %1 nicht die %2 s der Platine aus</translation>
    </message>
    <message>
      <location filename="firmcell/core/bms/board_choice.py" />
      <source>the wire does not stand %1 for the board's %2 s</source>
      <translation>die Leitung hält %1 nicht die %2 s der Platine aus</translation>
    </message>
    <message>
      <location filename="firmcell/core/bms/board_choice.py" />
      <source>trips at %1</source>
      <translation>löst bei %1 aus</translation>
    </message>
    <message>
      <location filename="firmcell/core/cells/age.py" />
      <source>end of life</source>
      <translation>Lebensende</translation>
    </message>
    <message>
      <location filename="firmcell/core/cells/age.py" />
      <source>half worn</source>
      <translation>halb verbraucht</translation>
    </message>
    <message>
      <location filename="firmcell/core/changes/by_hand.py" />
      <source>Turn %1</source>
      <translation>%1 drehen</translation>
    </message>
    <message>
      <location filename="firmcell/core/changes/existing_pack.py" />
      <source>As found</source>
      <translation>Wie vorgefunden</translation>
    </message>
    <message>
      <location filename="firmcell/core/changes/existing_pack.py" />
      <source>Cells in parallel</source>
      <translation>Zellen parallel</translation>
    </message>
    <message>
      <location filename="firmcell/core/changes/existing_pack.py" />
      <source>Groups in series</source>
      <translation>Gruppen in Reihe</translation>
    </message>
    <message>
      <location filename="firmcell/core/changes/existing_pack.py" />
      <source>Length of one lead</source>
      <translation>Länge einer Leitung</translation>
    </message>
    <message>
      <location filename="firmcell/core/changes/strip_fixes.py" />
      <source>%1%2 for %3%4</source>
      <translation>%1%2 für %3%4</translation>
    </message>
    <message>
      <location filename="firmcell/core/changes/strip_fixes.py" />
      <source>collecting strip</source>
      <translation>Sammelstreifen</translation>
    </message>
    <message>
      <location filename="firmcell/core/charging/in_host.py" />
      <source>%1 is never charged by what is not known: measure the charger's open voltage, find out how it ends, or use another.</source>
      <translation>%1 wird nie mit Unbekanntem geladen: die Leerlaufspannung des Ladegeräts messen, herausfinden, wie es endet, oder ein anderes nehmen.</translation>
    </message>
    <message>
      <location filename="firmcell/core/charging/in_host.py" />
      <source>%1 is never charged without voltage control: this charge ends by %2. It would go on into cells that are full, until they vent.%3</source>
      <translation>%1 wird nie ohne Spannungsregelung geladen: diese Ladung endet durch %2. Sie ginge in vollen Zellen weiter, bis sie abblasen.%3</translation>
    </message>
    <message>
      <location filename="firmcell/core/charging/in_host.py" />
      <source>%1 is not full at a voltage: it falls when full. A charger that waits for one goes on into full cells, or never fills them.</source>
      <translation>%1 ist nicht bei einer Spannung voll: sie fällt, wenn voll. Ein Ladegerät, das auf eine wartet, lädt volle Zellen weiter oder macht sie nie voll.</translation>
    </message>
    <message>
      <location filename="firmcell/core/charging/in_host.py" />
      <source>%1, %2 a cell; %3 is full. It overcharges every cell.</source>
      <translation>%1, je Zelle %2; %3 ist voll. Es überlädt jede Zelle.</translation>
    </message>
    <message>
      <location filename="firmcell/core/charging/in_host.py" />
      <source>%1; even an empty pack has %2. It charges nothing.</source>
      <translation>%1; schon ein leerer Pack hat %2. Es lädt nichts.</translation>
    </message>
    <message>
      <location filename="firmcell/core/charging/in_host.py" />
      <source>; metal hydride bears less of it than cadmium</source>
      <translation>; Metallhydrid verträgt weniger davon als Cadmium</translation>
    </message>
    <message>
      <location filename="firmcell/core/charging/in_host.py" />
      <source>After full %1 goes on until the clock ends it (%2, %3 times the capacity): a pack put in again when full gets all of that as heat.</source>
      <translation>Nach dem Vollwerden läuft %1 weiter, bis die Uhr endet (%2, das %3-Fache der Kapazität): ein voll wieder eingesetzter Pack bekommt all das als Wärme.</translation>
    </message>
    <message>
      <location filename="firmcell/core/charging/in_host.py" />
      <source>At %1 the drop of %2 may not be seen (%3 and more shows it), and no clock is behind it.</source>
      <translation>Bei %1 ist der Abfall von %2 vielleicht nicht zu sehen (ab %3 zeigt er sich), und keine Uhr steht dahinter.</translation>
    </message>
    <message>
      <location filename="firmcell/core/charging/in_host.py" />
      <source>How the host charges is not entered: no charge in it before that is known.</source>
      <translation>Wie das Gerät lädt, ist nicht eingetragen: darin keine Ladung, bevor es bekannt ist.</translation>
    </message>
    <message>
      <location filename="firmcell/core/charging/in_host.py" />
      <source>It begins with %1; the cells take %2.</source>
      <translation>Es beginnt mit %1; die Zellen nehmen %2.</translation>
    </message>
    <message>
      <location filename="firmcell/core/charging/in_host.py" />
      <source>It does not fill the pack: near full nothing flows from %1.</source>
      <translation>Es macht den Pack nicht voll: nahe voll fließt nichts aus %1.</translation>
    </message>
    <message>
      <location filename="firmcell/core/charging/in_host.py" />
      <source>It ends at %1 a cell: about %2 of the capacity, which the cells like.</source>
      <translation>Es endet bei %1 je Zelle: etwa %2 der Kapazität, was den Zellen gefällt.</translation>
    </message>
    <message>
      <location filename="firmcell/core/charging/in_host.py" />
      <source>It ends by warmth: its sensor must lie on one of the new cells, in the middle of the pack, and the first charge is watched to its end.</source>
      <translation>Es endet durch Wärme: sein Fühler muss an einer der neuen Zellen liegen, mitten im Pack, und die erste Ladung wird bis zum Ende beobachtet.</translation>
    </message>
    <message>
      <location filename="firmcell/core/charging/in_host.py" />
      <source>It gives %1; the cells take %2.</source>
      <translation>Es gibt %1; die Zellen nehmen %2.</translation>
    </message>
    <message>
      <location filename="firmcell/core/charging/in_host.py" />
      <source>It goes on holding the pack at full: take the pack off when it is full.</source>
      <translation>Es hält den Pack weiter auf voll: den Pack abnehmen, wenn er voll ist.</translation>
    </message>
    <message>
      <location filename="firmcell/core/charging/in_host.py" />
      <source>It goes up to %1</source>
      <translation>Es geht bis %1</translation>
    </message>
    <message>
      <location filename="firmcell/core/charging/in_host.py" />
      <source>Its clock ends after %1: an empty pack is then about %2 full.</source>
      <translation>Seine Uhr endet nach %1: ein leerer Pack ist dann zu etwa %2 voll.</translation>
    </message>
    <message>
      <location filename="firmcell/core/charging/in_host.py" />
      <source>Its current is not entered: measure it into a pack that is half empty.</source>
      <translation>Sein Strom ist nicht eingetragen: in einen halb leeren Pack messen.</translation>
    </message>
    <message>
      <location filename="firmcell/core/charging/in_host.py" />
      <source>Its voltage is not entered: measure it with no pack on it.</source>
      <translation>Seine Spannung ist nicht eingetragen: ohne Pack daran messen.</translation>
    </message>
    <message>
      <location filename="firmcell/core/charging/in_host.py" />
      <source>Measure %1: how warm the pack gets when full is not known. Do not leave it alone till then.</source>
      <translation>%1 messen: wie warm der Pack voll wird, ist nicht bekannt. Bis dahin nicht allein lassen.</translation>
    </message>
    <message>
      <location filename="firmcell/core/charging/in_host.py" />
      <source>Neither it nor a board sees each group: one may go past full while the sum is right. Balance it elsewhere.</source>
      <translation>Weder es noch eine Platine sieht jede Gruppe: eine kann über voll gehen, während die Summe stimmt. Anderswo ausgleichen.</translation>
    </message>
    <message>
      <location filename="firmcell/core/charging/in_host.py" />
      <source>No clock is behind it: stay by it.</source>
      <translation>Keine Uhr steht dahinter: dabeibleiben.</translation>
    </message>
    <message>
      <location filename="firmcell/core/charging/in_host.py" />
      <source>Nothing ends it: %1 goes on into a full pack, until it is hot. It needs a clock of %2 h, or another charger.</source>
      <translation>Nichts beendet es: %1 fließt in einen vollen Pack weiter, bis er heiß ist. Es braucht eine Uhr von %2 h oder ein anderes Ladegerät.</translation>
    </message>
    <message>
      <location filename="firmcell/core/charging/in_host.py" />
      <source>Nothing ends it: %1 goes on. Unplug it after %2 h%3.</source>
      <translation>Nichts beendet es: %1 läuft weiter. Nach %2 h abstecken%3.</translation>
    </message>
    <message>
      <location filename="firmcell/core/charging/in_host.py" />
      <source>Only a clock ends %1: put it in empty, never twice in a row.</source>
      <translation>Nur eine Uhr beendet %1: leer einsetzen, nie zweimal hintereinander.</translation>
    </message>
    <message>
      <location filename="firmcell/core/charging/in_host.py" />
      <source>That it sees the drop must be proven: watch the first charge to its end.%1</source>
      <translation>Dass es den Abfall sieht, muss bewiesen werden: die erste Ladung bis zum Ende beobachten.%1</translation>
    </message>
    <message>
      <location filename="firmcell/core/charging/in_host.py" />
      <source>The board's cut-off is the last line, and no charger.</source>
      <translation>Das Abschalten der Platine ist die letzte Linie und kein Ladegerät.</translation>
    </message>
    <message>
      <location filename="firmcell/core/charging/in_host.py" />
      <source>The cells are not known: no charge before their chemistry is, by which the voltage goes.</source>
      <translation>Die Zellen sind nicht bekannt: keine Ladung vor ihrer Chemie, nach der sich die Spannung richtet.</translation>
    </message>
    <message>
      <location filename="firmcell/core/charging/in_host.py" />
      <source>The cells are not known: no charge in the host before their chemistry and capacity are.</source>
      <translation>Die Zellen sind nicht bekannt: keine Ladung im Gerät, bevor Chemie und Kapazität bekannt sind.</translation>
    </message>
    <message>
      <location filename="firmcell/core/charging/in_host.py" />
      <source>What ends it is not known, and %1 is too much for a full pack: find out what ends it, or use another charger.</source>
      <translation>Was es beendet, ist nicht bekannt, und %1 ist zu viel für einen vollen Pack: herausfinden, was es beendet, oder ein anderes Ladegerät nehmen.</translation>
    </message>
    <message>
      <location filename="firmcell/core/charging/in_host.py" />
      <source>What ends it is not known: %1 goes on until somebody unplugs it. First charge watched; feel the pack every half hour.</source>
      <translation>Was es beendet, ist nicht bekannt: %1 läuft weiter, bis jemand absteckt. Erste Ladung beobachtet; jede halbe Stunde den Pack fühlen.</translation>
    </message>
    <message>
      <location filename="firmcell/core/charging/in_host.py" />
      <source>its current (a meter in series, the pack half full)</source>
      <translation>seinen Strom (Messgerät in Reihe, Pack halb voll)</translation>
    </message>
    <message>
      <location filename="firmcell/core/charging/in_host.py" />
      <source>its open voltage and its resistor</source>
      <translation>seine Leerlaufspannung und seinen Widerstand</translation>
    </message>
    <message>
      <location filename="firmcell/core/charging/in_host.py" />
      <source>nothing</source>
      <translation>nichts</translation>
    </message>
    <message>
      <location filename="firmcell/core/geometry/packing.py" />
      <source>free</source>
      <translation>frei</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/__init__.py" />
      <source>A %1 does not begin with a pack that is there; these do: %2.</source>
      <translation>%1 beginnt nicht mit einem vorhandenen Pack; diese tun es: %2.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/before_after.py" />
      <source>Energy</source>
      <translation>Energie</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/before_after.py" />
      <source>Heat at %1</source>
      <translation>Wärme bei %1</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/before_after.py" />
      <source>Leads lose at %1</source>
      <translation>Leitungen verlieren bei %1</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/before_after.py" />
      <source>Runs at %1</source>
      <translation>Läuft bei %1</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/before_after.py" />
      <source>Sag at %1</source>
      <translation>Einbruch bei %1</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/before_after.py" />
      <source>Wire left</source>
      <translation>Leitung übrig</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/before_after.py" />
      <source>Wire warms to</source>
      <translation>Leitung erwärmt sich auf</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/bms_retrofit.py" />
      <source>%1, red on the pack's plus</source>
      <translation>%1, Rot auf dem Plus des Packs</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/bms_retrofit.py" />
      <source>A pull on the connector moves no joint</source>
      <translation>Ein Zug am Stecker bewegt keine Verbindung</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/bms_retrofit.py" />
      <source>A sheet under the board, tape or glue so that it cannot slide; sense leads flat, none across an edge of strip; the covers of the strips back.</source>
      <translation>Eine Folie unter die Platine, Band oder Kleber, damit sie nicht rutscht; Messleitungen flach, keine über einer Streifenkante; die Abdeckungen der Streifen wieder darauf.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/bms_retrofit.py" />
      <source>A slip here shorts the pack: what it drives stands below.</source>
      <translation>Ein Abrutschen hier schließt den Pack kurz: was er treibt, steht darunter.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/bms_retrofit.py" />
      <source>Fix board and leads</source>
      <translation>Platine und Leitungen befestigen</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/bms_retrofit.py" />
      <source>From strip to strip, %1. A board evens out little: groups that differ by more than %2 are charged one by one first.</source>
      <translation>Von Streifen zu Streifen, %1. Eine Platine gleicht wenig aus: Gruppen, die um mehr als %2 abweichen, werden zuerst einzeln geladen.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/bms_retrofit.py" />
      <source>Joint smooth, no bare metal</source>
      <translation>Verbindung glatt, kein blankes Metall</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/bms_retrofit.py" />
      <source>Look at its joint on the strip and at the connector, tug both, cover the connector.</source>
      <translation>Seine Verbindung auf dem Streifen und am Stecker ansehen, an beiden ziehen, den Stecker abdecken.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/bms_retrofit.py" />
      <source>Main %1: cut in the board</source>
      <translation>Haupt-%1: die Platine hineinschneiden</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/bms_retrofit.py" />
      <source>Measure %1 on the strips</source>
      <translation>%1 an den Streifen messen</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/bms_retrofit.py" />
      <source>Never cut towards a cell. Under the sleeve every strip is live.</source>
      <translation>Nie auf eine Zelle zu schneiden. Unter dem Schlauch steht jeder Streifen unter Spannung.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/bms_retrofit.py" />
      <source>No bare metal anywhere</source>
      <translation>Nirgends blankes Metall</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/bms_retrofit.py" />
      <source>No joint loose</source>
      <translation>Keine Verbindung lose</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/bms_retrofit.py" />
      <source>No wrap cut</source>
      <translation>Keine Hülle angeschnitten</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/bms_retrofit.py" />
      <source>One conductor at a time; the other end covered.</source>
      <translation>Ein Leiter nach dem anderen; das andere Ende abgedeckt.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/bms_retrofit.py" />
      <source>One cut, %1 from the pack, the other lead covered; the %2 goes in, each end sleeved before the next.</source>
      <translation>Ein Schnitt, %1 vom Pack, die andere Leitung abgedeckt; %2 kommt hinein, jedes Ende überzogen vor dem nächsten.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/bms_retrofit.py" />
      <source>Open the sleeve</source>
      <translation>Den Schlauch öffnen</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/bms_retrofit.py" />
      <source>Over %1 V: gloves and covers.</source>
      <translation>Über %1 V: Handschuhe und Abdeckungen.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/bms_retrofit.py" />
      <source>Photograph both faces before anything moves. Measure plus to minus, and find which end is negative: B0 belongs there, whichever end one began building with.</source>
      <translation>Beide Seiten fotografieren, bevor sich etwas bewegt. Plus gegen Minus messen und finden, welches Ende Minus ist: dorthin gehört B0, an welchem Ende auch zu bauen begonnen wurde.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/bms_retrofit.py" />
      <source>Record the pack as it is</source>
      <translation>Den Pack festhalten, wie er ist</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/bms_retrofit.py" />
      <source>Sheet under it</source>
      <translation>Folie darunter</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/bms_retrofit.py" />
      <source>Sheets whole or renewed</source>
      <translation>Folien ganz oder erneuert</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/bms_retrofit.py" />
      <source>Slit it along a side where no lead and no strip lies, blade flat and short, and peel it off whole if it will go on again. Look at every joint, sheet and wrap: what is rippled, browned or cut is mended first.</source>
      <translation>Auf einer Seite aufschlitzen, wo weder Leitung noch Streifen liegt, Klinge flach und kurz, und ganz abziehen, wenn er wieder darauf soll. Jede Verbindung, Folie und Hülle ansehen: was gewellt, gebräunt oder angeschnitten ist, wird zuerst in Ordnung gebracht.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/bms_retrofit.py" />
      <source>Strips covered again but for the taps</source>
      <translation>Streifen wieder abgedeckt, bis auf die Abgriffe</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/bms_retrofit.py" />
      <source>The %1 lead %2</source>
      <translation>Die Leitung %1 %2</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/bms_retrofit.py" />
      <source>The %1 lead is live against everything on the pack.</source>
      <translation>Die Leitung %1 steht gegen alles am Pack unter Spannung.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/bms_retrofit.py" />
      <source>The pack is live and cannot be switched off.</source>
      <translation>Der Pack steht unter Spannung und lässt sich nicht abschalten.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/bms_retrofit.py" />
      <source>The pack's %1 lead comes off the collecting strip, %2, one conductor at a time, the %3 lead covered. The old %4 lead waits, covered: it goes to P%5 last, when the taps are proven.</source>
      <translation>Die Leitung %1 des Packs kommt vom Sammelstreifen ab, %2, ein Leiter nach dem anderen, die Leitung %3 abgedeckt. Die alte Leitung %4 wartet abgedeckt: sie kommt zuletzt an P%5, wenn die Abgriffe erwiesen sind.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/bms_retrofit.py" />
      <source>all groups within %1</source>
      <translation>alle Gruppen innerhalb von %1</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/bms_retrofit.py" />
      <source>and a wire for the board's B%1 goes on that strip, its other end covered until the sense leads are on</source>
      <translation>und eine Leitung für B%1 der Platine kommt auf diesen Streifen, ihr anderes Ende abgedeckt, bis die Messleitungen dran sind</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/bms_retrofit.py" />
      <source>and that strip goes to the board's B%1</source>
      <translation>und dieser Streifen kommt an B%1 der Platine</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/bms_retrofit.py" />
      <source>gets its fuse</source>
      <translation>bekommt ihre Sicherung</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/bms_retrofit.py" />
      <source>smooth joint, tug holds</source>
      <translation>glatte Lötstelle, hält dem Zug stand</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/bms_retrofit.py" />
      <source>the group</source>
      <translation>die Gruppe</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/cautions.py" />
      <source>Cap on the wire before its contact</source>
      <translation>Kappe auf die Leitung vor ihrem Kontakt</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/cautions.py" />
      <source>Fire plan ready: sand or water by, a non-burning bench, nobody asleep near it.</source>
      <translation>Brandplan bereit: Sand oder Wasser zur Hand, eine Werkbank, die nicht brennt, niemand schläft in der Nähe.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/cautions.py" />
      <source>Sleeve on this wire, far back</source>
      <translation>Schlauch auf diese Leitung, weit zurück</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/cautions.py" />
      <source>The other conductor is covered</source>
      <translation>Der andere Leiter ist abgedeckt</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/cautions.py" />
      <source>This cannot be undone: a sleeve that is not on the wire before the joint never gets there.</source>
      <translation>Das lässt sich nicht nachholen: ein Schlauch, der vor der Verbindung nicht auf der Leitung ist, kommt nie mehr dorthin.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/cell_bms.py" />
      <source>%1 %2; with board, strap and sleeve the cell is %3.</source>
      <translation>%1 %2; mit Platine, Band und Schlauch ist die Zelle %3.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/cell_bms.py" />
      <source>%1 at the outside ends, red on the positive</source>
      <translation>%1 an den äußeren Enden, Rot auf dem Plusende</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/cell_bms.py" />
      <source>%1 long, %2 thick; %3 added</source>
      <translation>%1 lang, %2 dick; %3 mehr</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/cell_bms.py" />
      <source>%1 mm thick, %2 mm long at most</source>
      <translation>höchstens %1 mm dick, %2 mm lang</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/cell_bms.py" />
      <source>%1, cut %2</source>
      <translation>%1, Zuschnitt %2</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/cell_bms.py" />
      <source>%1, cut %2. Hot air from the middle outwards, low heat, cell held by a cool end.</source>
      <translation>%1, auf %2 geschnitten. Heißluft von der Mitte nach außen, wenig Hitze, die Zelle an einem kühlen Ende gehalten.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/cell_bms.py" />
      <source>%1, red on the positive end</source>
      <translation>%1, Rot auf dem Plusende</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/cell_bms.py" />
      <source>%1; the board adds %2 mm</source>
      <translation>%1; die Platine bringt %2 mm dazu</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/cell_bms.py" />
      <source>A BMS for one cell goes under one cell; more cells want a board that watches each group.</source>
      <translation>Ein BMS für eine Zelle kommt unter eine Zelle; mehr Zellen wollen eine Platine, die jede Gruppe überwacht.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/cell_bms.py" />
      <source>A board under the cell is for one round cell; this job has %1S%2P.</source>
      <translation>Eine Platine unter der Zelle ist für eine runde Zelle; dieser Auftrag hat %1S%2P.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/cell_bms.py" />
      <source>A cell that is too long bends the holder's springs, or does not go in at all.</source>
      <translation>Eine zu lange Zelle verbiegt die Federn des Halters oder geht gar nicht hinein.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/cell_bms.py" />
      <source>A new insulator ring on the positive end. On the negative end an insulator disc, with a hole for the board's B− tab.</source>
      <translation>Ein neuer Isolierring auf das Plusende. Auf das Minusende eine Isolierscheibe mit einem Loch für die B−-Fahne der Platine.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/cell_bms.py" />
      <source>A sleeve that does not grip leaves the strap to rub through.</source>
      <translation>Ein Schlauch, der nicht greift, lässt das Band durchscheuern.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/cell_bms.py" />
      <source>A strap that touches the rim shorts the cell: ring and tape under it all the way.</source>
      <translation>Ein Band, das den Rand berührt, schließt die Zelle kurz: Ring und Klebeband darunter, auf ganzer Länge.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/cell_bms.py" />
      <source>Always live inside: never cut or pierce the sleeve.</source>
      <translation>Innen immer unter Spannung: den Schlauch nie schneiden oder durchstechen.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/cell_bms.py" />
      <source>Becomes</source>
      <translation>Wird zu</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/cell_bms.py" />
      <source>Board adds</source>
      <translation>Platine bringt dazu</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/cell_bms.py" />
      <source>Both ends lip over the edge alike</source>
      <translation>Beide Enden greifen gleich weit über die Kante</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/cell_bms.py" />
      <source>B− tab to the cell's negative, first</source>
      <translation>B−-Fahne an das Minus der Zelle, zuerst</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/cell_bms.py" />
      <source>Cell with its board</source>
      <translation>Zelle mit ihrer Platine</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/cell_bms.py" />
      <source>Charger takes it and ends</source>
      <translation>Ladegerät nimmt sie an und beendet</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/cell_bms.py" />
      <source>Disc covers the can to its edge</source>
      <translation>Scheibe deckt den Becher bis zur Kante</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/cell_bms.py" />
      <source>Dispose of a dented, leaking or rusty cell; it gets no board.</source>
      <translation>Eine eingedellte, undichte oder rostige Zelle entsorgen; sie bekommt keine Platine.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/cell_bms.py" />
      <source>Glasses on: sparks, and sharp strip when peeling.</source>
      <translation>Schutzbrille auf: Funken, und scharfer Streifen beim Schälen.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/cell_bms.py" />
      <source>Goes into the holder without force</source>
      <translation>Geht ohne Kraft in den Halter</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/cell_bms.py" />
      <source>Hot air tool, no flame; stop when the sleeve lies.</source>
      <translation>Heißluft, keine Flamme; aufhören, wenn der Schlauch anliegt.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/cell_bms.py" />
      <source>It opens and it comes back</source>
      <translation>Sie schaltet ab und kommt wieder</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/cell_bms.py" />
      <source>Lay the strap (%1 × %2 mm) on polyimide tape along the wrap, tape over it, and over the ring to the nub. Join it to the board's B+ first, then weld it to the positive: that is the moment it is live.</source>
      <translation>Das Band (%1 × %2 mm) auf Polyimidband die Hülle entlang legen, Klebeband darüber und über den Ring bis zur Kappe. Zuerst an B+ der Platine verbinden, dann auf das Plus schweißen: in diesem Augenblick steht es unter Spannung.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/cell_bms.py" />
      <source>Look at the cell and measure it</source>
      <translation>Die Zelle ansehen und messen</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/cell_bms.py" />
      <source>Never solder on the cell. Electrodes must not touch each other.</source>
      <translation>Nie an der Zelle löten. Die Elektroden dürfen einander nicht berühren.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/cell_bms.py" />
      <source>No stock sleeve slides over %1 and shrinks on to it.</source>
      <translation>Kein Schlauch aus dem Lager geht über %1 und schrumpft darauf.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/cell_bms.py" />
      <source>No wrinkle over the strap</source>
      <translation>Keine Falte über dem Band</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/cell_bms.py" />
      <source>Not a bare short: a board that fails to open leaves the cell in it.</source>
      <translation>Kein blanker Kurzschluss: eine Platine, die nicht abschaltet, lässt die Zelle darin.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/cell_bms.py" />
      <source>Opened and came back</source>
      <translation>Schaltete ab und kam wieder</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/cell_bms.py" />
      <source>Order</source>
      <translation>Reihenfolge</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/cell_bms.py" />
      <source>Peel sample welds</source>
      <translation>Probeschweißungen abschälen</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/cell_bms.py" />
      <source>Ring centred, nub clear inside it</source>
      <translation>Ring mittig, Kappe frei darin</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/cell_bms.py" />
      <source>Ring centred, positive exposed</source>
      <translation>Ring mittig, Plus frei</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/cell_bms.py" />
      <source>Ring on the positive, disc on the negative</source>
      <translation>Ring auf das Plus, Scheibe auf das Minus</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/cell_bms.py" />
      <source>Short load: briefly more than %1 through a resistor, not a bare short; the board opens, and comes back when the load is off or a charger is on. Then once into holder and charger.</source>
      <translation>Kurze Last: kurz mehr als %1 über einen Widerstand, kein blanker Kurzschluss; die Platine schaltet ab und kommt wieder, wenn die Last weg oder ein Ladegerät dran ist. Dann einmal in Halter und Ladegerät.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/cell_bms.py" />
      <source>Some boards sleep until they see a charger: touch a charger of the cell's voltage to P+ and P− for a moment.</source>
      <translation>Manche Platinen schlafen, bis sie ein Ladegerät sehen: ein Ladegerät der Zellenspannung kurz an P+ und P− halten.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/cell_bms.py" />
      <source>Still fits</source>
      <translation>Passt noch</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/cell_bms.py" />
      <source>Strap covered everywhere</source>
      <translation>Band überall abgedeckt</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/cell_bms.py" />
      <source>Strap up the side, then to the positive</source>
      <translation>Band die Seite hinauf, dann an das Plus</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/cell_bms.py" />
      <source>The can is negative right up to the rim beside the positive.</source>
      <translation>Der Becher ist Minus bis an den Rand neben dem Plus.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/cell_bms.py" />
      <source>The cell as it becomes, to scale; the positive end at the right.</source>
      <translation>Die Zelle, wie sie wird, maßstäblich; das Plusende rechts.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/cell_bms.py" />
      <source>The charger takes</source>
      <translation>Das Ladegerät nimmt</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/cell_bms.py" />
      <source>The holder is wide enough for</source>
      <translation>Der Halter ist breit genug für</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/cell_bms.py" />
      <source>The holder takes</source>
      <translation>Der Halter nimmt</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/cell_bms.py" />
      <source>The two electrodes must never touch each other.</source>
      <translation>Die beiden Elektroden dürfen sich nie berühren.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/cell_bms.py" />
      <source>Voltage, wrap, both ends. With its board it will be %1 long and %2 thick: try holder and charger with a dummy of that size first.</source>
      <translation>Spannung, Hülle, beide Enden. Mit ihrer Platine wird sie %1 lang und %2 dick: Halter und Ladegerät zuerst mit einem Dummy dieser Größe probieren.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/cell_bms.py" />
      <source>Wake the board and measure it</source>
      <translation>Die Platine wecken und messen</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/cell_bms.py" />
      <source>Weld</source>
      <translation>Schweißen</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/cell_bms.py" />
      <source>Weld strip like the board's tab and the strap (%1 mm) on scrap or a dead cell, with the setting that you will use, and peel. A good weld leaves a nugget and tears a hole in the strip. %2 of %3 must hold.</source>
      <translation>Streifen wie die Fahne der Platine und das Band (%1 mm) auf Reststücke oder eine tote Zelle schweißen, mit der Einstellung, die dann gilt, und schälen. Eine gute Schweißung lässt eine Linse stehen und reißt ein Loch in den Streifen. %2 von %3 müssen halten.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/cell_bms.py" />
      <source>Weld the B− tab of %1 to the middle of the can's bottom. The board's B+ stays free and covered.</source>
      <translation>Die B−-Fahne von %1 mitten auf den Becherboden schweißen. B+ der Platine bleibt frei und abgedeckt.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/cell_bms.py" />
      <source>Wrap whole along the side where the strap runs</source>
      <translation>Hülle auf der Seite, wo das Band läuft, ganz</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/cell_bms.py" />
      <source>a sleeve that slides on and grips</source>
      <translation>ein Schlauch, der darübergeht und greift</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/cell_bms.py" />
      <source>every peeled weld leaves a nugget or a torn hole</source>
      <translation>jede abgeschälte Schweißung hinterlässt eine Linse oder ein ausgerissenes Loch</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/cell_bms.py" />
      <source>flat width is half the circumference; stock sizes are generic</source>
      <translation>flache Breite ist der halbe Umfang; Lagermaße sind allgemein</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/cell_bms.py" />
      <source>holder %1, its width %2, charger %3</source>
      <translation>Halter %1, seine Breite %2, Ladegerät %3</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/cell_bms.py" />
      <source>insulator disc for %1</source>
      <translation>Isolierscheibe für %1</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/cell_bms.py" />
      <source>insulator ring for %1</source>
      <translation>Isolierring für %1</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/cell_bms.py" />
      <source>no stock size</source>
      <translation>keine Lagergröße</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/cell_bms.py" />
      <source>not entered</source>
      <translation>nicht eingetragen</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/cell_bms.py" />
      <source>ring and disc, B− to the can, strap to B+, strap to the positive last, sleeve, trip test</source>
      <translation>Ring und Scheibe, B− an den Becher, Band an B+, Band zuletzt an das Plus, Schlauch, Abschaltprobe</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/cell_bms.py" />
      <source>strap</source>
      <translation>Band</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/cell_bms.py" />
      <source>strap %1 × %2 mm</source>
      <translation>Band %1 × %2 mm</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/cell_bms.py" />
      <source>strap flat, nowhere near the rim</source>
      <translation>Band flach, nirgends nahe am Rand</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/cell_bms.py" />
      <source>sum of lengths, largest cell of the class</source>
      <translation>Summe der Längen, größte Zelle der Klasse</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/cell_bms.py" />
      <source>the board</source>
      <translation>die Platine</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/cell_bms.py" />
      <source>tug holds, tab flat</source>
      <translation>hält dem Zug stand, Fahne flach</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/cell_bms.py" />
      <source>⌀ %1 × %2 mm at most; the board adds %3</source>
      <translation>höchstens ⌀ %1 × %2 mm; die Platine bringt %3 dazu</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/cooling.py" />
      <source>What was heated cools</source>
      <translation>Was erhitzt wurde, kühlt ab</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/day_plan.py" />
      <source>crimp tool</source>
      <translation>Crimpzange</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/day_plan.py" />
      <source>heat gun</source>
      <translation>Heißluftgerät</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/day_plan.py" />
      <source>soldering iron</source>
      <translation>Lötkolben</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/day_plan.py" />
      <source>spot welder</source>
      <translation>Punktschweißgerät</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/day_words.py" />
      <source>%1 is late by %2: done %3.</source>
      <translation>%1 ist um %2 zu spät: fertig %3.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/day_words.py" />
      <source>%1 … %2 (%3 steps)</source>
      <translation>%1 … %2 (%3 Schritte)</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/day_words.py" />
      <source>%1%2 first</source>
      <translation>%1%2 zuerst</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/day_words.py" />
      <source>%1: “%2” takes about %3, longer than a day; it is planned from the morning on.</source>
      <translation>%1: „%2“ dauert etwa %3, länger als ein Tag; es ist vom Morgen an geplant.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/day_words.py" />
      <source>, done %1 at %2.</source>
      <translation>, fertig %1 um %2.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/day_words.py" />
      <source>; not all of it is done within 90 days.</source>
      <translation>; nicht alles davon wird in 90 Tagen fertig.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/day_words.py" />
      <source>Nothing is left to do in these jobs.</source>
      <translation>In diesen Aufträgen ist nichts mehr zu tun.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/day_words.py" />
      <source>watched</source>
      <translation>beobachtet</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/day_works.py" />
      <source>re-sleeve-judge</source>
      <translation>re-sleeve-judge</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/handed_out.py" />
      <source>A job of the kind “%1” %2: it has no %3.</source>
      <translation>Ein Auftrag der Art „%1“ %2: er hat kein %3.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/handed_out.py" />
      <source>drawing of its faces</source>
      <translation>Zeichnung seiner Seiten</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/handed_out.py" />
      <source>has no pack of its own</source>
      <translation>hat keinen eigenen Pack</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/handed_out.py" />
      <source>label of a pack</source>
      <translation>Etikett eines Packs</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/handed_out.py" />
      <source>lays no strips</source>
      <translation>legt keine Streifen</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/handed_out.py" />
      <source>lays out no cells</source>
      <translation>legt keine Zellen aus</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/handed_out.py" />
      <source>list of cell places</source>
      <translation>Liste der Zellenplätze</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/handed_out.py" />
      <source>list of pieces of strip</source>
      <translation>Liste der Streifenstücke</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/handed_out.py" />
      <source>places to find</source>
      <translation>Plätze zu finden</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/handed_out.py" />
      <source>sense leads to judge</source>
      <translation>Messleitungen zu beurteilen</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/handed_out.py" />
      <source>tables of cells, strips and taps</source>
      <translation>Tabellen von Zellen, Streifen und Abgriffen</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/handed_out.py" />
      <source>template of its faces</source>
      <translation>Schablone seiner Seiten</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/handed_out.py" />
      <source>wires no BMS</source>
      <translation>verdrahtet kein BMS</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/holder_pack.py" />
      <source>%1 from B%2 to B%3, red on B%4</source>
      <translation>%1 von B%2 nach B%3, Rot auf B%4</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/holder_pack.py" />
      <source>%1, group by group as drawn. Write + and − beside every clip before anything is wired.</source>
      <translation>%1, Gruppe für Gruppe wie gezeichnet. + und − neben jeden Clip schreiben, bevor etwas verdrahtet wird.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/holder_pack.py" />
      <source>%1: by the host's pin list, each pin checked by continuity to its place and against its neighbours.</source>
      <translation>%1: nach der Pinliste des Geräts, jeder Pin durch Durchgang zu seinem Platz und gegen seine Nachbarn geprüft.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/holder_pack.py" />
      <source>A cell the wrong way round is a short through its neighbours: look, then push it in.</source>
      <translation>Eine verkehrte Zelle ist ein Kurzschluss durch ihre Nachbarinnen: hinsehen, dann hineindrücken.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/holder_pack.py" />
      <source>A clip that is too warm loses its spring, then its grip, and arcs.</source>
      <translation>Ein zu warmer Clip verliert seine Federkraft, dann seinen Griff, und zieht Funken.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/holder_pack.py" />
      <source>A dented, leaking or rusty cell does not go in.</source>
      <translation>Eine eingedellte, undichte oder rostige Zelle kommt nicht hinein.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/holder_pack.py" />
      <source>A host that counts charge shows nonsense at first: charge it full and run it down in use, three or four times, and look each time where it says empty.</source>
      <translation>Ein Gerät, das Ladung zählt, zeigt anfangs Unsinn: drei- oder viermal voll laden und im Gebrauch leeren, und jedes Mal sehen, wo es leer meldet.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/holder_pack.py" />
      <source>Between plus and minus, and each to the case, every holder empty and the board unplugged.</source>
      <translation>Zwischen Plus und Minus und von jedem zum Gehäuse, alle Halter leer und die Platine abgesteckt.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/holder_pack.py" />
      <source>Cell%1 %2%3, plus as marked. Then B%4 to B%5.</source>
      <translation>Zelle%1 %2%3, Plus wie gekennzeichnet. Dann B%4 nach B%5.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/holder_pack.py" />
      <source>Cells of one group must be close: they even out the moment both are in.</source>
      <translation>Zellen einer Gruppe müssen nahe beieinander liegen: sie gleichen sich in dem Augenblick aus, in dem beide drin sind.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/holder_pack.py" />
      <source>Charges to full in the host</source>
      <translation>Lädt im Gerät bis voll</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/holder_pack.py" />
      <source>Clips lose more than welds do, and it is lost as heat at the cell's ends.</source>
      <translation>Clips verlieren mehr als Schweißungen, und als Wärme an den Zellenenden.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/holder_pack.py" />
      <source>Continuity from every clip to its pad</source>
      <translation>Durchgang von jedem Clip zu seinem Pad</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/holder_pack.py" />
      <source>Each clip carries %1 of %2.</source>
      <translation>Jeder Clip trägt %1 von %2.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/holder_pack.py" />
      <source>Each clip to its place in the plug and to its pad as printed; each main lead from its clip to board or connector.</source>
      <translation>Jeder Clip zu seinem Platz im Stecker und zu seinem Pad wie aufgedruckt; jede Hauptleitung von ihrem Clip zu Platine oder Stecker.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/holder_pack.py" />
      <source>Every clip reaches its place</source>
      <translation>Jeder Clip erreicht seinen Platz</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/holder_pack.py" />
      <source>Every pin to its place</source>
      <translation>Jeder Pin an seinem Platz</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/holder_pack.py" />
      <source>Fix the holders, mark plus and minus</source>
      <translation>Die Halter befestigen, Plus und Minus kennzeichnen</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/holder_pack.py" />
      <source>Group %1: cells in, read it</source>
      <translation>Gruppe %1: Zellen hinein, messen</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/holder_pack.py" />
      <source>Insulation of the empty harness</source>
      <translation>Isolierung des leeren Kabelbaums</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/holder_pack.py" />
      <source>Let the host learn the pack</source>
      <translation>Das Gerät den Pack lernen lassen</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/holder_pack.py" />
      <source>Measure all %1 cells</source>
      <translation>Alle %1 Zellen messen</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/holder_pack.py" />
      <source>Measure the cell</source>
      <translation>Die Zelle messen</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/holder_pack.py" />
      <source>No cell in any holder until the harness has been measured.</source>
      <translation>Keine Zelle in einen Halter, bevor der Kabelbaum gemessen ist.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/holder_pack.py" />
      <source>No clip reaches another group's place</source>
      <translation>Kein Clip erreicht den Platz einer anderen Gruppe</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/holder_pack.py" />
      <source>No pin to its neighbour</source>
      <translation>Kein Pin zu seinem Nachbarn</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/holder_pack.py" />
      <source>Pin 1 found by its mark, not by colour</source>
      <translation>Pin 1 an seinem Zeichen gefunden, nicht an der Farbe</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/holder_pack.py" />
      <source>Plus and minus of the connector not joined</source>
      <translation>Plus und Minus des Steckers nicht verbunden</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/holder_pack.py" />
      <source>Shown charge follows use after a few cycles</source>
      <translation>Angezeigte Ladung folgt nach einigen Zyklen dem Gebrauch</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/holder_pack.py" />
      <source>Solder parallel and series links of %1 while every holder is empty. Clips hold heat: quick, with a hot iron, so that the plastic keeps its shape.</source>
      <translation>Parallel- und Reihenverbindungen von %1 löten, solange jeder Halter leer ist. Clips halten die Hitze: schnell, mit heißem Kolben, damit der Kunststoff seine Form behält.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/holder_pack.py" />
      <source>The clips lose %1 mV at the steady current, %2 W at each cell.</source>
      <translation>Die Clips verlieren %1 mV beim Dauerstrom, %2 W an jeder Zelle.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/holder_pack.py" />
      <source>Voltage of every %1, every wrap and both ends.</source>
      <translation>Spannung jeder: %1, jede Hülle und beide Enden.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/holder_pack.py" />
      <source>Wire the clips, no cell near</source>
      <translation>Die Clips verdrahten, keine Zelle in der Nähe</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/holder_pack.py" />
      <source>class value of the clips</source>
      <translation>Klassenwert der Clips</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/holder_pack.py" />
      <source>more than %1 MΩ</source>
      <translation>mehr als %1 MΩ</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/holder_pack.py" />
      <source>smooth joints, clips not bent, plastic not soft</source>
      <translation>glatte Lötstellen, Clips nicht verbogen, Kunststoff nicht weich</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/holder_pack.py" />
      <source>two clips a cell in the way</source>
      <translation>zwei Clips je Zelle im Weg</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/host_charge.py" />
      <source>%1 goes on after full, %2</source>
      <translation>%1 läuft nach dem Vollwerden weiter, %2</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/host_charge.py" />
      <source>Charged elsewhere by the passport, watched</source>
      <translation>Anderswo nach dem Pass geladen, beobachtet</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/host_charge.py" />
      <source>First charge in the host, watched</source>
      <translation>Erste Ladung im Gerät, beobachtet</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/host_charge.py" />
      <source>Host's charger marked, or taken out</source>
      <translation>Ladegerät des Geräts gekennzeichnet oder entfernt</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/host_charge.py" />
      <source>It ended as it should</source>
      <translation>Sie endete, wie sie soll</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/host_charge.py" />
      <source>It should be full after about %1 h from empty.</source>
      <translation>Voll sein sollte er nach etwa %1 h von leer an.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/host_charge.py" />
      <source>May charge it</source>
      <translation>Darf es laden</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/host_charge.py" />
      <source>No cell more than hand-warm</source>
      <translation>Keine Zelle mehr als handwarm</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/host_charge.py" />
      <source>No charge in this host</source>
      <translation>Keine Ladung in diesem Gerät</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/host_charge.py" />
      <source>Not in this host: %1 Charge the pack elsewhere, by its passport, and mark the host's charger so that nobody uses it.</source>
      <translation>Nicht in diesem Gerät: %1 Den Pack anderswo laden, nach seinem Pass, und das Ladegerät des Geräts kennzeichnen, damit niemand es benutzt.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/host_charge.py" />
      <source>Outdoors or on a non-burning surface, water or sand by. A pack that swells, hisses, smells or warms by itself goes outside and is left.</source>
      <translation>Im Freien oder auf nicht brennbarer Unterlage, Wasser oder Sand daneben. Ein Pack, der sich bläht, zischt, riecht oder von selbst warm wird, kommt nach draußen und wird dort gelassen.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/host_charge.py" />
      <source>REFUSED, see the findings</source>
      <translation>VERWEIGERT, siehe die Befunde</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/host_charge.py" />
      <source>Stay with it to the end and feel the cells every half hour.%1</source>
      <translation>Bis zum Ende dabeibleiben und jede halbe Stunde die Zellen fühlen.%1</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/host_charge.py" />
      <source>The host's charger</source>
      <translation>Das Ladegerät des Geräts</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/host_charge.py" />
      <source>Voltage an hour later as expected</source>
      <translation>Spannung eine Stunde danach wie erwartet</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/host_charge.py" />
      <source>after about %1 h from empty</source>
      <translation>nach etwa %1 h von leer an</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/host_charge.py" />
      <source>begins with %1; %2</source>
      <translation>beginnt mit %1; %2</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/host_charge.py" />
      <source>never: it ends at about %1</source>
      <translation>nie: es endet bei etwa %1</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/host_charge.py" />
      <source>not known until it is entered: no charge in the host till then</source>
      <translation>nicht bekannt, bis es eingetragen ist: bis dahin keine Ladung im Gerät</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/host_charge.py" />
      <source>nothing after full</source>
      <translation>nichts nach dem Vollwerden</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/host_charge.py" />
      <source>watched only, until it is measured</source>
      <translation>nur beobachtet, bis es gemessen ist</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/host_charge.py" />
      <source>yes, with what the findings say</source>
      <translation>ja, mit dem, was die Befunde sagen</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/joining_steps.py" />
      <source>%1 a group, %2 a pair</source>
      <translation>%1 je Gruppe, %2 je Paar</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/joining_steps.py" />
      <source>%1 about its %2 axis and compare every cell with the picture before the first strip touches.</source>
      <translation>%1 um die %2 Achse und jede Zelle mit dem Bild vergleichen, bevor der erste Streifen sie berührt.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/joining_steps.py" />
      <source>%1 at the plus ends</source>
      <translation>%1 an den Plusenden</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/joining_steps.py" />
      <source>%1 first, then</source>
      <translation>zuerst %1, dann</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/joining_steps.py" />
      <source>%1%2, %3 long%4.</source>
      <translation>%1%2, %3 lang%4.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/joining_steps.py" />
      <source>%1%2, %3 long, slotted or punched for this pitch: a pair of welds astride each slot.</source>
      <translation>%1%2, %3 lang, für dieses Raster geschlitzt oder gestanzt: ein Schweißpaar beiderseits jedes Schlitzes.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/joining_steps.py" />
      <source>%1: %2 face up</source>
      <translation>%1: %2 nach oben</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/joining_steps.py" />
      <source>%1; hold still until the shine goes dull.</source>
      <translation>%1; still halten, bis der Glanz matt wird.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/joining_steps.py" />
      <source>%1minus of group %2 to plus of group %3: %4</source>
      <translation>%1Minus von Gruppe %2 nach Plus von Gruppe %3: %4</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/joining_steps.py" />
      <source>(middle of the lug %1 past its pad%2)</source>
      <translation>(Mitte des Kabelschuhs %1 hinter seiner Kontaktfläche%2)</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/joining_steps.py" />
      <source>, %1 tail for the main lead at cell %2</source>
      <translation>, Überstand %1 für die Hauptleitung an Zelle %2</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/joining_steps.py" />
      <source>, drilled for M%1</source>
      <translation>, gebohrt für M%1</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/joining_steps.py" />
      <source>, the pack on its long side so that both faces can be reached</source>
      <translation>, den Pack auf der langen Seite, damit beide Seiten erreichbar sind</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/joining_steps.py" />
      <source>, then each joined pair of groups</source>
      <translation>, dann jedes verbundene Gruppenpaar</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/joining_steps.py" />
      <source>, welded through both</source>
      <translation>, durch beide geschweißt</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/joining_steps.py" />
      <source>70 W or more with a wide tip at 370 to 400 °C</source>
      <translation>70 W oder mehr mit breiter Spitze bei 370 bis 400 °C</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/joining_steps.py" />
      <source>A flap at each tap point, closed</source>
      <translation>Eine Klappe an jedem Abgriff, geschlossen</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/joining_steps.py" />
      <source>A tab that touches the rim of a positive end shorts the cell: ring first.</source>
      <translation>Eine Fahne, die den Rand eines Plusendes berührt, schließt diese Zelle kurz: zuerst der Ring.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/joining_steps.py" />
      <source>A wire that melts throws hot copper: nothing that burns lies over it.</source>
      <translation>Ein schmelzender Draht schleudert heißes Kupfer: nichts Brennbares liegt darüber.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/joining_steps.py" />
      <source>At each plus the plate has a window: off the pack, solder a bare copper wire of %1 mm to the plate beside each; on the cells, solder its other end to the plus in under 3 s. %2 of it stay free between the two joints, in an arc, clear of everything: shorter it does not melt when it should, longer it melts in use.</source>
      <translation>An jedem Plus hat die Platte ein Fenster: abseits des Packs neben jedes einen blanken Kupferdraht von %1 mm an die Platte löten; an den Zellen sein anderes Ende in unter 3 s an das Plus löten. %2 davon bleiben zwischen beiden Lötstellen frei, im Bogen, fern von allem: kürzer schmilzt er nicht, wenn er soll, länger schmilzt er im Gebrauch.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/joining_steps.py" />
      <source>B%1: collecting %2 of the pack's %3</source>
      <translation>B%1: Sammeln am %2 des Packs, %3</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/joining_steps.py" />
      <source>B%1: join group %2 to group %3</source>
      <translation>B%1: Gruppe %2 mit Gruppe %3 verbinden</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/joining_steps.py" />
      <source>Brighten every terminal and the underside of each bar and wipe them just before joining. Try a screw of %1 in a terminal by hand: it must bite at least its own diameter and not bottom.</source>
      <translation>Jeden Pol und die Unterseite jeder Schiene blank machen und erst unmittelbar vor dem Verbinden abwischen. Eine Schraube %1 von Hand im Pol probieren: sie muss wenigstens ihren Durchmesser tief greifen und darf nicht aufsitzen.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/joining_steps.py" />
      <source>Clean the faces, try the screws</source>
      <translation>Flächen reinigen, Schrauben probieren</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/joining_steps.py" />
      <source>Cover the %1 face</source>
      <translation>Die %1seite abdecken</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/joining_steps.py" />
      <source>Each cell end is roughened, fluxed, tinned in under 3 s and left to cool hand-warm before its strip comes on. %1; hold still until the shine goes dull.</source>
      <translation>Jedes Zellenende wird aufgeraut, mit Flussmittel in unter 3 s verzinnt und handwarm abgekühlt, bevor sein Streifen darauf kommt. %1; still halten, bis der Glanz matt wird.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/joining_steps.py" />
      <source>Each group reads one cell</source>
      <translation>Jede Gruppe zeigt eine Zelle</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/joining_steps.py" />
      <source>Each joined pair reads the sum of both within 0.05 V</source>
      <translation>Jedes verbundene Paar zeigt die Summe beider auf 0,05 V</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/joining_steps.py" />
      <source>Each visible end as drawn</source>
      <translation>Jedes sichtbare Ende wie gezeichnet</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/joining_steps.py" />
      <source>Every tab firm on its cell, bent clear of the rim, roughened, fluxed and tinned; the ends of %1 likewise. %2.</source>
      <translation>Jede Fahne fest an ihrer Zelle, vom Rand weggebogen, aufgeraut, mit Flussmittel verzinnt; die Enden von %1 ebenso. %2.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/joining_steps.py" />
      <source>Faces bright and wiped</source>
      <translation>Flächen blank und abgewischt</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/joining_steps.py" />
      <source>First %1 on the pads, then the strip on it%2.</source>
      <translation>Zuerst %1 auf die Pads, dann der Streifen darauf%2.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/joining_steps.py" />
      <source>From here on %1.</source>
      <translation>Von hier an %1.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/joining_steps.py" />
      <source>Fumes: air. Glasses on.</source>
      <translation>Dämpfe: lüften. Schutzbrille auf.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/joining_steps.py" />
      <source>It is a bar: first, off the pack, solder a tab of %1 to it for each cell and let it cool, a sheet under the bar with a hole at each cell. Then weld the tabs to the cells, and only the tabs.</source>
      <translation>Er ist eine Schiene: zuerst, abseits des Packs, für jede Zelle eine Fahne aus %1 anlöten und abkühlen lassen, eine Folie mit einem Loch je Zelle unter der Schiene. Dann die Fahnen an die Zellen schweißen, und nur die Fahnen.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/joining_steps.py" />
      <source>It reads one cell</source>
      <translation>Es zeigt eine Zelle</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/joining_steps.py" />
      <source>Lay sheet over all joints of this face before anything else is joined, with a flap over each tap point: it is read and the sense lead is joined through the flap.</source>
      <translation>Folie über alle Verbindungen dieser Seite legen, bevor etwas anderes verbunden wird, mit einer Klappe über jedem Abgriff: durch sie wird gemessen und die Messleitung angeschlossen.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/joining_steps.py" />
      <source>Look over and tin the tabs</source>
      <translation>Die Fahnen durchsehen und verzinnen</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/joining_steps.py" />
      <source>Measure across the %1 face</source>
      <translation>Über die %1seite messen</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/joining_steps.py" />
      <source>Measure each group from its minus to its plus</source>
      <translation>Jede Gruppe von ihrem Minus zu ihrem Plus messen</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/joining_steps.py" />
      <source>No filings on the cells: brush them off away from the pack.</source>
      <translation>Keine Späne auf den Zellen: vom Pack weg abbürsten.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/joining_steps.py" />
      <source>No iron rests on anything that leads straight into a pouch: a clip between iron and cell takes the heat.</source>
      <translation>Kein Kolben ruht auf etwas, das geradewegs in eine Pouchzelle führt: eine Klammer zwischen Kolben und Zelle nimmt die Hitze.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/joining_steps.py" />
      <source>No strip over a bare rim</source>
      <translation>Kein Streifen über einem blanken Rand</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/joining_steps.py" />
      <source>One bar at a time; the spanner touches one terminal and nothing else.</source>
      <translation>Eine Schiene nach der anderen; der Schlüssel berührt einen Pol und sonst nichts.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/joining_steps.py" />
      <source>One joint at a time; the iron's tip across two tabs is a short.</source>
      <translation>Eine Verbindung nach der anderen; die Kolbenspitze über zwei Fahnen ist ein Kurzschluss.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/joining_steps.py" />
      <source>Plate B%1%2, as cut from the template.</source>
      <translation>Platte B%1%2, zugeschnitten nach der Schablone.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/joining_steps.py" />
      <source>Plate B%1%2, tab towards the main lead.</source>
      <translation>Platte B%1%2, Fahne zur Hauptleitung.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/joining_steps.py" />
      <source>Plus and minus still marked on the bench</source>
      <translation>Plus und Minus noch auf der Werkbank angezeichnet</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/joining_steps.py" />
      <source>Practise on a dead cell</source>
      <translation>An einer toten Zelle üben</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/joining_steps.py" />
      <source>Rings in place</source>
      <translation>Ringe an ihrem Platz</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/joining_steps.py" />
      <source>Roughen a dead cell's end, flux and tin it and the end of %1, join both, and tug. %2; plenty of heat for a short time, never a small iron for a long time.</source>
      <translation>Das Ende einer toten Zelle aufrauen, mit Flussmittel verzinnen, ebenso das Ende von %1, beide verbinden und daran ziehen. %2; viel Hitze für kurze Zeit, nie ein kleiner Lötkolben für lange Zeit.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/joining_steps.py" />
      <source>Schools differ on soldering straight on a cell: heat harms its seal. Cells with factory tabs are the safe way.</source>
      <translation>Über das Löten direkt auf der Zelle gehen die Meinungen auseinander: Hitze schadet ihrer Dichtung. Zellen mit werkseitigen Fahnen sind der sichere Weg.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/joining_steps.py" />
      <source>Screw</source>
      <translation>Schrauben</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/joining_steps.py" />
      <source>Screws bite and do not bottom</source>
      <translation>Schrauben greifen und sitzen nicht auf</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/joining_steps.py" />
      <source>Sheet covers all metal</source>
      <translation>Folie bedeckt alles Metall</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/joining_steps.py" />
      <source>Short and hot; let a cell cool before its next joint. Keep the tip off every rim.</source>
      <translation>Kurz und heiß; eine Zelle vor ihrer nächsten Verbindung abkühlen lassen. Die Spitze von jedem Rand fernhalten.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/joining_steps.py" />
      <source>Solder</source>
      <translation>Löten</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/joining_steps.py" />
      <source>Spanner wrapped</source>
      <translation>Schraubenschlüssel umwickelt</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/joining_steps.py" />
      <source>Tabs and strip tinned</source>
      <translation>Fahnen und Streifen verzinnt</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/joining_steps.py" />
      <source>Tabs clear of the rim</source>
      <translation>Fahnen frei vom Rand</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/joining_steps.py" />
      <source>The bridge to the other block is flexible insulated wire.</source>
      <translation>Die Brücke zum anderen Block ist biegsame isolierte Leitung.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/joining_steps.py" />
      <source>The plate lies over the cell's rim, which is its minus: ring and sheet stay under it, and no wire may sag to it.</source>
      <translation>Die Platte liegt über dem Rand der Zelle, der ihr Minus ist: Ring und Folie bleiben darunter, und kein Draht darf darauf hängen.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/joining_steps.py" />
      <source>Then %1 drawn by hand.</source>
      <translation>Dann %1, von Hand gezeichnet.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/joining_steps.py" />
      <source>This strip carries the whole current at its tail: no single %1 may be missing.</source>
      <translation>Dieser Streifen trägt an seinem Ende den ganzen Strom: nicht eine darf fehlen (%1).</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/joining_steps.py" />
      <source>Turn the pack back</source>
      <translation>Den Pack zurückwenden</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/joining_steps.py" />
      <source>Turn the pack over</source>
      <translation>Den Pack wenden</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/joining_steps.py" />
      <source>Turning mirrors everything; this is where polarity is lost.</source>
      <translation>Wenden spiegelt alles; hier geht die Polung verloren.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/joining_steps.py" />
      <source>Twice the weld pairs on %1 %2: joints that matter.</source>
      <translation>Doppelt so viele Schweißpaare auf %1 %2: Verbindungen, auf die es ankommt.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/joining_steps.py" />
      <source>Washer and lock under each head, %1 (the cell's sheet goes before that), then a paint mark over head and bar.</source>
      <translation>Scheibe und Sicherung unter jeden Kopf, %1 (das Blatt der Zelle geht vor), dann ein Farbstrich über Kopf und Schiene.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/joining_steps.py" />
      <source>Weld %1 on scrap or a dead cell with the setting you will use, and peel. A good weld leaves a nugget and tears a hole in the strip. %2 peeled without a failure prove 90 % good welds with 90 % confidence.</source>
      <translation>%1 mit der vorgesehenen Einstellung auf einem Rest oder einer toten Zelle schweißen und abschälen. Eine gute Schweißung hinterlässt eine Linse und reißt ein Loch in den Streifen. %2 ohne Fehler abgeschält beweisen 90 % gute Schweißungen mit 90 % Sicherheit.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/joining_steps.py" />
      <source>Weld on flat metal only; keep strip and tools off every rim.</source>
      <translation>Nur auf flachem Metall schweißen; Streifen und Werkzeug von jedem Rand fernhalten.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/joining_steps.py" />
      <source>Wrap the spanner's handle in tape: across two terminals it is the short.</source>
      <translation>Den Griff des Schraubenschlüssels mit Band umwickeln: quer über zwei Pole ist er der Kurzschluss.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/joining_steps.py" />
      <source>a second</source>
      <translation>einen zweiten</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/joining_steps.py" />
      <source>about %1 N·m</source>
      <translation>etwa %1 N·m</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/joining_steps.py" />
      <source>all %1 cells of the group read %2</source>
      <translation>alle %1 Zellen der Gruppe zeigen %2</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/joining_steps.py" />
      <source>as the cell's sheet says</source>
      <translation>wie das Blatt der Zelle sagt</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/joining_steps.py" />
      <source>between its free ends on the other face</source>
      <translation>zwischen seinen freien Enden auf der anderen Seite</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/joining_steps.py" />
      <source>every tap point is live against every other, under its flap</source>
      <translation>jeder Abgriff steht unter seiner Klappe gegen jeden anderen unter Spannung</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/joining_steps.py" />
      <source>from the minus of the one to the plus of the other</source>
      <translation>vom Minus der einen zum Plus der anderen</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/joining_steps.py" />
      <source>in %1 layers</source>
      <translation>in %1 Lagen</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/joining_steps.py" />
      <source>on the other face,</source>
      <translation>auf der anderen Seite,</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/joining_steps.py" />
      <source>parallel strip</source>
      <translation>Parallelstreifen</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/joining_steps.py" />
      <source>series link</source>
      <translation>Reihenverbinder</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/joining_steps.py" />
      <source>the bare ends of the other face are live through every group joined on this one</source>
      <translation>die blanken Enden der anderen Seite stehen über jede hier verbundene Gruppe unter Spannung</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/joining_steps.py" />
      <source>through the flaps of the other face</source>
      <translation>durch die Klappen der anderen Seite</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/joining_steps.py" />
      <source>under 3 s, smooth, the can only hand-warm ten seconds later, tug holds</source>
      <translation>unter 3 s, glatt, der Becher zehn Sekunden später nur handwarm, hält dem Zug stand</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/joining_steps.py" />
      <source>with a</source>
      <translation>mit einem</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/lay_out.py" />
      <source>%1 of %2, cut %3: on the wires before any joint</source>
      <translation>%1 von %2, Zuschnitt %3: auf die Drähte, bevor etwas verbunden wird</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/lay_out.py" />
      <source>and water by</source>
      <translation>und Wasser zur Hand</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/lay_out.py" />
      <source>basin of water</source>
      <translation>Wanne mit Wasser</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/lay_out.py" />
      <source>cable cutter</source>
      <translation>Kabelschere</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/lay_out.py" />
      <source>calliper</source>
      <translation>Messschieber</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/lay_out.py" />
      <source>camera</source>
      <translation>Kamera</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/lay_out.py" />
      <source>caps of the connector: on the wires before any contact</source>
      <translation>Kappen des Steckers: auf die Leitungen, vor jedem Kontakt</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/lay_out.py" />
      <source>clamp or jig</source>
      <translation>Zwinge oder Vorrichtung</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/lay_out.py" />
      <source>covered</source>
      <translation>abgedeckt</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/lay_out.py" />
      <source>covers for free ends, one for each</source>
      <translation>Abdeckungen für freie Enden, je eine</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/lay_out.py" />
      <source>crimping tool with its dies</source>
      <translation>Crimpzange mit ihren Backen</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/lay_out.py" />
      <source>hot air</source>
      <translation>Heißluft</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/lay_out.py" />
      <source>insulation tester, or meter of MΩ</source>
      <translation>Isolationsmesser oder Messgerät für MΩ</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/lay_out.py" />
      <source>marker</source>
      <translation>Filzstift</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/lay_out.py" />
      <source>or water by</source>
      <translation>oder Wasser zur Hand</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/lay_out.py" />
      <source>pliers to peel</source>
      <translation>Zange zum Schälen</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/lay_out.py" />
      <source>polyimide tape</source>
      <translation>Polyimidband</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/lay_out.py" />
      <source>rosin flux</source>
      <translation>Kolophonium-Flussmittel</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/lay_out.py" />
      <source>safety glasses</source>
      <translation>Schutzbrille</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/lay_out.py" />
      <source>sand or a great deal of water, outdoors or on a bench that does not burn</source>
      <translation>Sand oder sehr viel Wasser, im Freien oder auf einer Werkbank, die nicht brennt</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/lay_out.py" />
      <source>scale to 0.1 g</source>
      <translation>Waage auf 0,1 g</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/lay_out.py" />
      <source>scrap strip and a dead cell</source>
      <translation>Streifenreste und eine tote Zelle</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/lay_out.py" />
      <source>solder</source>
      <translation>Lötzinn</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/lay_out.py" />
      <source>soldering iron, wide tip</source>
      <translation>Lötkolben, breite Spitze</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/lay_out.py" />
      <source>volt meter</source>
      <translation>Voltmeter</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/lay_out.py" />
      <source>wipes</source>
      <translation>Reinigungstücher</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/lay_out.py" />
      <source>wire stripper</source>
      <translation>Abisolierzange</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/lay_out.py" />
      <source>wooden stick to press strip down</source>
      <translation>Holzstab zum Andrücken des Streifens</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/lead_change.py" />
      <source>%1 from the joint; %2</source>
      <translation>%1 von der Verbindung; %2</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/lead_change.py" />
      <source>%1 of each wire; the change takes %2</source>
      <translation>%1 von jeder Leitung; der Wechsel braucht %2</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/lead_change.py" />
      <source>%1 of wire are wanted: heat sink or wet cloth</source>
      <translation>%1 Leitung werden gebraucht: Wärmeklammer oder nasses Tuch</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/lead_change.py" />
      <source>%1 wire</source>
      <translation>Leitung %1</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/lead_change.py" />
      <source>%1 with red on plus</source>
      <translation>%1 mit Rot auf Plus</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/lead_change.py" />
      <source>%1, %2 from the pack: cut, strip, sleeves on, join the pack's side first and sleeve it, then the load's side. %3</source>
      <translation>%1, %2 vom Pack: schneiden, abisolieren, Schläuche darauf, zuerst die Seite des Packs verbinden und überziehen, dann die des Verbrauchers. %3</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/lead_change.py" />
      <source>%1, %2, clamped so that it cannot skid. %3 %4 W iron, wide tip, %5, %6.%7 Covers for two wire ends.%8</source>
      <translation>%1, %2, eingespannt, damit er nicht rutscht. %3 %4 W Lötkolben, breite Spitze, %5, %6.%7 Abdeckungen für zwei Leitungsenden.%8</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/lead_change.py" />
      <source>, and mark both sides of the old body</source>
      <translation>, und beide Seiten des alten Gehäuses kennzeichnen</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/lead_change.py" />
      <source>A cell or pouch tab that is heated through its lead is harmed where nobody sees it.</source>
      <translation>Eine durch ihre Leitung erhitzte Zelle oder Pouchfahne nimmt dort Schaden, wo es niemand sieht.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/lead_change.py" />
      <source>A joint that warms more than its neighbour is done again.</source>
      <translation>Eine Verbindung, die wärmer wird als ihre Nachbarin, wird neu gemacht.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/lead_change.py" />
      <source>A lead that is too short is pulled on, and the pull lands on the pack's joints.</source>
      <translation>An einer zu kurzen Leitung wird gezogen, und der Zug landet an den Verbindungen des Packs.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/lead_change.py" />
      <source>A minute under load</source>
      <translation>Eine Minute unter Last</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/lead_change.py" />
      <source>A probe tip that slips across shorts the pack.</source>
      <translation>Eine Messspitze, die quer abrutscht, schließt den Pack kurz.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/lead_change.py" />
      <source>A sleeve that shrinks where it waits does not slide over the joint any more, and one begins again.</source>
      <translation>Ein Schlauch, der beim Warten schrumpft, geht nicht mehr über die Verbindung, und man fängt von vorn an.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/lead_change.py" />
      <source>A slip that bridges both shorts the pack: about %1.</source>
      <translation>Ein Abrutschen, das beide überbrückt, schließt den Pack kurz: etwa %1.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/lead_change.py" />
      <source>Balance plug covered and tied out of the way</source>
      <translation>Balancerstecker abgedeckt und weggebunden</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/lead_change.py" />
      <source>Body not distorted</source>
      <translation>Gehäuse nicht verformt</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/lead_change.py" />
      <source>Both joints alike</source>
      <translation>Beide Verbindungen gleich</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/lead_change.py" />
      <source>Both joints tugged once more</source>
      <translation>An beiden Verbindungen noch einmal gezogen</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/lead_change.py" />
      <source>Cap on the wires, or at hand for the first</source>
      <translation>Kappe auf den Leitungen oder für die erste zur Hand</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/lead_change.py" />
      <source>Charger unplugged</source>
      <translation>Ladegerät abgesteckt</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/lead_change.py" />
      <source>Clamp a heat sink on the wire: the pack's end would warm by %1 K.</source>
      <translation>Eine Wärmeklammer auf die Leitung: das Ende am Pack würde %1 K wärmer.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/lead_change.py" />
      <source>Connector clamped</source>
      <translation>Stecker eingespannt</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/lead_change.py" />
      <source>Connector no warmer than the hand bears</source>
      <translation>Stecker nicht wärmer, als die Hand verträgt</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/lead_change.py" />
      <source>Cover the %1 contact with polyimide tape, then lift the %2 wire out of its cup and trim the end. The %3 wire is %4.</source>
      <translation>Den Kontakt %1 mit Polyimidband abdecken, dann die Leitung %2 aus ihrem Kelch heben und das Ende kürzen. Die Leitung %3 ist %4.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/lead_change.py" />
      <source>Covers for both wire ends at hand</source>
      <translation>Abdeckungen für beide Leitungsenden zur Hand</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/lead_change.py" />
      <source>Cut %1 from its end, behind the old body. The %2 wire is %3. Cover the end at once, fold the other back.</source>
      <translation>%1 von ihrem Ende abschneiden, hinter dem alten Gehäuse. Die Leitung %2 ist %3. Das Ende sofort abdecken, die andere zurückbiegen.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/lead_change.py" />
      <source>Cut the %1 wire only</source>
      <translation>Nur die Leitung %1 schneiden</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/lead_change.py" />
      <source>Everything within reach before the first cut</source>
      <translation>Alles in Reichweite vor dem ersten Schnitt</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/lead_change.py" />
      <source>Find plus with the meter and mark it</source>
      <translation>Plus mit dem Messgerät finden und kennzeichnen</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/lead_change.py" />
      <source>Hot air away from the cells.</source>
      <translation>Heißluft von den Zellen weg.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/lead_change.py" />
      <source>Iron hot, tip tinned</source>
      <translation>Lötkolben heiß, Spitze verzinnt</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/lead_change.py" />
      <source>Its polarity, cup and pins decide how it comes off.</source>
      <translation>Polung, Kelch und Pins entscheiden, wie er abkommt.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/lead_change.py" />
      <source>Jig for the contacts at hand</source>
      <translation>Halterung für die Kontakte zur Hand</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/lead_change.py" />
      <source>Key fits one way only</source>
      <translation>Nase passt nur in einer Richtung</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/lead_change.py" />
      <source>Left</source>
      <translation>Übrig</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/lead_change.py" />
      <source>Live</source>
      <translation>Unter Spannung</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/lead_change.py" />
      <source>Live now: the %1 wire's end, against the %2 wire and everything joined to it.</source>
      <translation>Jetzt unter Spannung: das Ende der Leitung %1, gegen die Leitung %2 und alles, was mit ihr verbunden ist.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/lead_change.py" />
      <source>Load it with about %1 and feel the connector and both joints.</source>
      <translation>Mit etwa %1 belasten und Stecker und beide Verbindungen fühlen.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/lead_change.py" />
      <source>Load unplugged</source>
      <translation>Verbraucher abgesteckt</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/lead_change.py" />
      <source>Load's half: plus by its marking</source>
      <translation>Hälfte des Verbrauchers: Plus nach ihrer Kennzeichnung</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/lead_change.py" />
      <source>Mate unconnected</source>
      <translation>Gegenstück an nichts angeschlossen</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/lead_change.py" />
      <source>Mated without force</source>
      <translation>Ohne Kraft gesteckt</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/lead_change.py" />
      <source>Measure at %1. Tie tape marked + to the wire that is plus, at the pack%2. Colours of wires are no proof.</source>
      <translation>Messen: %1. Band mit der Aufschrift + an die Leitung binden, die Plus ist, am Pack%2. Farben von Leitungen beweisen nichts.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/lead_change.py" />
      <source>Never both wires in one cut: the cutter itself is the short.</source>
      <translation>Nie beide Leitungen in einem Schnitt: die Zange selbst ist der Kurzschluss.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/lead_change.py" />
      <source>No bare metal outside the sleeve</source>
      <translation>Kein blankes Metall außerhalb des Schlauchs</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/lead_change.py" />
      <source>Nothing conducting under the work</source>
      <translation>Nichts Leitendes unter der Arbeit</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/lead_change.py" />
      <source>Nothing on the pack</source>
      <translation>Nichts am Pack</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/lead_change.py" />
      <source>Only the %1 wire is free</source>
      <translation>Nur die Leitung %1 ist frei</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/lead_change.py" />
      <source>Pack at storage charge</source>
      <translation>Pack auf Lagerladung</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/lead_change.py" />
      <source>Pack's end</source>
      <translation>Ende des Packs</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/lead_change.py" />
      <source>Polarity by meter before the first mating</source>
      <translation>Polung mit dem Messgerät vor dem ersten Stecken</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/lead_change.py" />
      <source>Push it into the place marked %1 until it latches, and tug.</source>
      <translation>In den Platz %1 drücken, bis er einrastet, und ziehen.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/lead_change.py" />
      <source>Rings and watch off</source>
      <translation>Ringe und Uhr abgelegt</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/lead_change.py" />
      <source>Rings, watch and bracelets off. Fire plan ready: sand or water by, a non-burning bench.</source>
      <translation>Ringe, Uhr und Armbänder ablegen. Brandplan bereit: Sand oder Wasser zur Hand, eine Werkbank, die nicht brennt.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/lead_change.py" />
      <source>Sleeve and cup want %1 of wire (the sleeve waits %2 from the joint); %3 are left: clamp a heat sink between, or hold it back with a wet cloth.</source>
      <translation>Schlauch und Kelch brauchen %1 Leitung (der Schlauch wartet %2 von der Verbindung); %3 sind übrig: eine Wärmeklammer dazwischen, oder mit einem nassen Tuch zurückhalten.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/lead_change.py" />
      <source>Sleeve grips wire and cup</source>
      <translation>Schlauch greift Leitung und Kelch</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/lead_change.py" />
      <source>Sleeve on the wire first, %1 back. Strip %2, tin wire and cup apart, cup half full; heat %3, about %4 s, then the wire in. Hold until it is solid. %5Sign moulded on the body decides, not its colour. %6</source>
      <translation>Zuerst den Schlauch auf die Leitung, %1 zurück. %2 abisolieren, Leitung und Kelch getrennt verzinnen, Kelch halb voll; %3 Hitze, etwa %4 s, dann die Leitung hinein. Halten, bis es fest ist. %5Das eingeprägte Zeichen am Gehäuse entscheidet, nicht seine Farbe. %6</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/lead_change.py" />
      <source>Sleeve the %1 joint</source>
      <translation>Die Verbindung %1 überziehen</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/lead_change.py" />
      <source>Sleeve waits</source>
      <translation>Schlauch wartet</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/lead_change.py" />
      <source>Sleeves cut and at hand</source>
      <translation>Schläuche geschnitten und zur Hand</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/lead_change.py" />
      <source>Solder the %1 wire to the contact marked %2</source>
      <translation>Die Leitung %1 an den Kontakt %2 löten</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/lead_change.py" />
      <source>Soldering warms the pack's end of the lead by up to %1 K%2: clamp a heat sink on the wire, use a stronger iron for a shorter time, or crimp.</source>
      <translation>Löten erwärmt das Ende am Pack um bis zu %1 K%2: eine Wärmeklammer auf die Leitung, ein stärkerer Kolben kürzere Zeit, oder crimpen.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/lead_change.py" />
      <source>Take the cover off the %1 wire and trim %2 of tarnished strand. The %3 wire is %4.</source>
      <translation>Die Abdeckung von der Leitung %1 nehmen und %2 angelaufene Litze kürzen. Die Leitung %3 ist %4.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/lead_change.py" />
      <source>Take the mate out. Red probe into the contact marked +, black into −, without touching both with one probe.</source>
      <translation>Das Gegenstück herausziehen. Rote Spitze in den Kontakt +, Schwarz in −, ohne mit einer Spitze beide zu berühren.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/lead_change.py" />
      <source>The %1 wire is covered</source>
      <translation>Die Leitung %1 ist abgedeckt</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/lead_change.py" />
      <source>The change takes %1; %2 are left and %3 must be reached: unsolder instead, or splice longer wire on first.</source>
      <translation>Der Wechsel braucht %1; %2 sind übrig, und %3 müssen erreicht werden: stattdessen ablöten, oder zuerst längere Leitung anspleißen.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/lead_change.py" />
      <source>The free end is covered until it is worked</source>
      <translation>Das freie Ende ist abgedeckt, bis es bearbeitet wird</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/lead_change.py" />
      <source>The fuse into the %1 wire</source>
      <translation>Die Sicherung in die Leitung %1</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/lead_change.py" />
      <source>The fuse itself stays out of its holder until the connector is on.</source>
      <translation>Die Sicherung selbst bleibt aus ihrem Halter, bis der Stecker dran ist.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/lead_change.py" />
      <source>The iron can bridge both contacts of the old connector, which are live to each other.</source>
      <translation>Der Kolben kann beide Kontakte des alten Steckers überbrücken, die gegeneinander unter Spannung stehen.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/lead_change.py" />
      <source>The iron must not bridge both contacts: they are live to each other.</source>
      <translation>Der Kolben darf nicht beide Kontakte überbrücken: sie stehen gegeneinander unter Spannung.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/lead_change.py" />
      <source>The load's half is changed dead, with its own capacitors discharged. Check its plus by the load's marking, not by the old plug. Pull on the bodies, never on the wires.</source>
      <translation>Die Hälfte des Verbrauchers wird spannungslos gewechselt, seine eigenen Kondensatoren entladen. Ihr Plus nach der Kennzeichnung des Verbrauchers prüfen, nicht nach dem alten Stecker. An den Gehäusen ziehen, nie an den Leitungen.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/lead_change.py" />
      <source>The mate in the new connector must be connected to nothing.</source>
      <translation>Das Gegenstück im neuen Stecker darf an nichts angeschlossen sein.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/lead_change.py" />
      <source>The mate on the load, then mate once</source>
      <translation>Das Gegenstück am Verbraucher, dann einmal stecken</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/lead_change.py" />
      <source>The other contact %1:</source>
      <translation>Der andere Kontakt %1:</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/lead_change.py" />
      <source>Two bare ends of a live pack: never both uncovered.</source>
      <translation>Zwei blanke Enden eines Packs unter Spannung: nie beide unbedeckt.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/lead_change.py" />
      <source>Uncover the %1 wire only</source>
      <translation>Nur die Leitung %1 aufdecken</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/lead_change.py" />
      <source>Unplug load and charger. The pack stays live whatever is done: it cannot be switched off. Bring it to storage charge first: what a slip can do is less then.</source>
      <translation>Verbraucher und Ladegerät abstecken. Der Pack bleibt unter Spannung, was immer getan wird: er lässt sich nicht abschalten. Zuerst auf Lagerladung bringen: dann kann ein Abrutschen weniger anrichten.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/lead_change.py" />
      <source>Unsolder the %1 wire only</source>
      <translation>Nur die Leitung %1 ablöten</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/lead_change.py" />
      <source>Unsoldering %1 keeps the iron %2 from the other live contact: cut instead, or cover that one with polyimide tape first.</source>
      <translation>Das Ablöten von %1 hält den Kolben %2 vom anderen Kontakt unter Spannung: stattdessen schneiden, oder diesen zuerst mit Polyimidband abdecken.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/lead_change.py" />
      <source>What is changed</source>
      <translation>Was gewechselt wird</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/lead_change.py" />
      <source>Which connector comes off is not entered.</source>
      <translation>Welcher Stecker abkommt, ist nicht eingetragen.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/lead_change.py" />
      <source>Wipe flux while warm, slide the sleeve over all bare metal, shrink from the middle.</source>
      <translation>Flussmittel warm abwischen, den Schlauch über alles blanke Metall schieben, von der Mitte aus schrumpfen.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/lead_change.py" />
      <source>Wipe flux while warm, slide the sleeve over all bare metal, shrink from the middle. Only then the %1 wire.</source>
      <translation>Flussmittel warm abwischen, den Schlauch über alles blanke Metall schieben, von der Mitte aus schrumpfen. Erst dann die Leitung %1.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/lead_change.py" />
      <source>already in the new connector, sleeved</source>
      <translation>schon im neuen Stecker, überzogen</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/lead_change.py" />
      <source>always: up to %1, a slip drives about %2</source>
      <translation>immer: bis zu %1, ein Abrutschen treibt etwa %2</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/lead_change.py" />
      <source>at a pouch tab</source>
      <translation>an einer Pouchfahne</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/lead_change.py" />
      <source>both joints smooth, tug holds, no bare metal</source>
      <translation>beide Lötstellen glatt, halten dem Zug stand, kein blankes Metall</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/lead_change.py" />
      <source>conduction along copper, half-infinite rod (Carslaw and Jaeger)</source>
      <translation>Wärmeleitung entlang Kupfer, halbunendlicher Stab (Carslaw und Jaeger)</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/lead_change.py" />
      <source>cover it, and keep this one in its jig.</source>
      <translation>ihn abdecken, und diesen in seiner Halterung lassen.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/lead_change.py" />
      <source>is empty</source>
      <translation>ist leer</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/lead_change.py" />
      <source>is live</source>
      <translation>steht unter Spannung</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/lead_change.py" />
      <source>keep the mate in and the iron on this side.</source>
      <translation>das Gegenstück drin lassen und den Kolben auf dieser Seite.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/lead_change.py" />
      <source>lead-change-mark</source>
      <translation>lead-change-mark</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/lead_change.py" />
      <source>lengths of the lead</source>
      <translation>Längen der Leitung</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/lead_change.py" />
      <source>sleeve that goes on before the contact</source>
      <translation>Schlauch, der vor dem Kontakt darauf kommt</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/lead_change.py" />
      <source>still whole in the old connector and covered</source>
      <translation>noch ganz im alten Stecker und abgedeckt</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/lead_change.py" />
      <source>the bare ends, one uncovered at a time</source>
      <translation>die blanken Enden, eines nach dem anderen unbedeckt</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/lead_change.py" />
      <source>the cup first</source>
      <translation>zuerst den Kelch</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/lead_change.py" />
      <source>the old connector</source>
      <translation>der alte Stecker</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/lead_change.py" />
      <source>the same as before, %1</source>
      <translation>derselbe wie vorher, %1</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/lead_change.py" />
      <source>there is room</source>
      <translation>es ist Platz</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/lead_change.py" />
      <source>two pieces of %1, %2 each</source>
      <translation>zwei Stücke %1, je %2</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/lead_change.py" />
      <source>warms by at most %1 K while soldering</source>
      <translation>erwärmt sich beim Löten um höchstens %1 K</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/lead_change.py" />
      <source>what is entered</source>
      <translation>was eingetragen ist</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/lead_change.py" />
      <source>wire and cup together</source>
      <translation>Leitung und Kelch zusammen</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/lead_change.py" />
      <source>wire bottomed in the cup, strands in outline, insulation up to the cup, body not distorted</source>
      <translation>Leitung sitzt im Kelch auf, Litzen erkennbar, Isolierung bis an den Kelch, Gehäuse nicht verformt</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/machine_leads.py" />
      <source>%1 carries %2, %3 at the peak; %4 and %5 flow.</source>
      <translation>%1 trägt %2, in der Spitze %3; %4 und %5 fließen.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/machine_leads.py" />
      <source>%1 does not go into the cup of %2: it takes %3.</source>
      <translation>%1 geht nicht in den Kelch von %2: er nimmt %3.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/machine_leads.py" />
      <source>%1 wire %2: %3 bullet</source>
      <translation>Leitung %1 %2: %3 Rundstecker</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/machine_leads.py" />
      <source>%1, %2. %3 Strip %4, tin, cup about half full, then the wire in; %5 W iron, about %6 s. Hold the bullet in a hole in a block of metal, its side hole towards the iron hand.%7</source>
      <translation>%1, %2. %3 %4 abisolieren, verzinnen, Kelch etwa halb voll, dann die Leitung hinein; %5 W Lötkolben, etwa %6 s. Den Rundstecker in einer Bohrung in einem Metallblock halten, sein Seitenloch zur Hand mit dem Kolben.%7</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/machine_leads.py" />
      <source>, the other way round than on the controller</source>
      <translation>, andersherum als am Regler</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/machine_leads.py" />
      <source>A charged controller sparks and can hurt as a pack does.</source>
      <translation>Ein geladener Regler funkt und kann verletzen wie ein Pack.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/machine_leads.py" />
      <source>A connector that can be reversed or pulled apart under load is no switch.</source>
      <translation>Ein Stecker, der sich verkehren oder unter Last trennen lässt, ist kein Schalter.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/machine_leads.py" />
      <source>A motor that is turned gives voltage; bare males on the live side touch each other.</source>
      <translation>Ein gedrehter Motor gibt Spannung; blanke Stifte auf der Seite unter Spannung berühren sich.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/machine_leads.py" />
      <source>A motor with bare windings for leads: enamel is burnt or scraped off first, or the joint only looks good.</source>
      <translation>Ein Motor, dessen Wicklungsdrähte selbst die Leitungen sind: der Lack wird zuerst abgebrannt oder abgeschabt, sonst sieht die Lötstelle nur gut aus.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/machine_leads.py" />
      <source>Bullets</source>
      <translation>Rundstecker</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/machine_leads.py" />
      <source>Bullets on the %1</source>
      <translation>Rundstecker an: %1</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/machine_leads.py" />
      <source>Bullets on the motor</source>
      <translation>Rundstecker am Motor</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/machine_leads.py" />
      <source>Bullets to the motor</source>
      <translation>Rundstecker zum Motor</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/machine_leads.py" />
      <source>Continuity and no shorts, still dead</source>
      <translation>Durchgang und keine Kurzschlüsse, noch spannungslos</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/machine_leads.py" />
      <source>Each wire %1 %2 than the one before%3, so that no two joints lie side by side and mated wires are of one length.</source>
      <translation>Jede Leitung %1 %2 als die vorige%3, damit keine zwei Verbindungen nebeneinander liegen und gesteckte Leitungen gleich lang sind.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/machine_leads.py" />
      <source>Female bullets on the controller</source>
      <translation>Rundbuchsen am Steuergerät</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/machine_leads.py" />
      <source>Females covered to their mouth, males down to the contact. Shrink from the middle.</source>
      <translation>Buchsen bis an ihre Öffnung überzogen, Stifte bis an den Kontakt. Von der Mitte aus schrumpfen.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/machine_leads.py" />
      <source>First power, nothing on the shaft</source>
      <translation>Erster Strom, nichts auf der Welle</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/machine_leads.py" />
      <source>Input</source>
      <translation>Eingang</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/machine_leads.py" />
      <source>Input %1: into the contact marked %2</source>
      <translation>Eingang %1: in den Kontakt %2</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/machine_leads.py" />
      <source>Input minus on −</source>
      <translation>Eingang Minus auf −</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/machine_leads.py" />
      <source>Input plus on +</source>
      <translation>Eingang Plus auf +</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/machine_leads.py" />
      <source>Input plus to the contact marked +, minus to −; not to each other once the capacitors have settled. Each motor wire to the other through the winding, none to the motor's case.</source>
      <translation>Eingang Plus zum Kontakt +, Minus zu −; nicht zueinander, sobald die Kondensatoren zur Ruhe gekommen sind. Jede Motorleitung zur anderen durch die Wicklung, keine zum Gehäuse des Motors.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/machine_leads.py" />
      <source>Input reads under 2 V</source>
      <translation>Eingang unter 2 V</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/machine_leads.py" />
      <source>Motor cannot turn by itself</source>
      <translation>Motor kann sich nicht von selbst drehen</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/machine_leads.py" />
      <source>Motor wires joined through the winding, alike</source>
      <translation>Motorleitungen durch die Wicklung verbunden, gleich</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/machine_leads.py" />
      <source>No bare metal when mated</source>
      <translation>Gesteckt kein blankes Metall</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/machine_leads.py" />
      <source>No bullets are chosen for the motor's wires.</source>
      <translation>Für die Leitungen des Motors sind keine Rundstecker gewählt.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/machine_leads.py" />
      <source>No motor wire to the case</source>
      <translation>Keine Motorleitung am Gehäuse</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/machine_leads.py" />
      <source>No smoke, no smell, no heat</source>
      <translation>Kein Rauch, kein Geruch, keine Hitze</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/machine_leads.py" />
      <source>No two joints side by side</source>
      <translation>Keine zwei Verbindungen nebeneinander</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/machine_leads.py" />
      <source>Nothing on the shaft, nobody near it.</source>
      <translation>Nichts auf der Welle, niemand in der Nähe.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/machine_leads.py" />
      <source>Pack is off the bench</source>
      <translation>Pack ist von der Werkbank</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/machine_leads.py" />
      <source>Pack unplugged, capacitors empty</source>
      <translation>Pack abgesteckt, Kondensatoren leer</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/machine_leads.py" />
      <source>Plug the pack in, keep the hand by the plug.%1 Turn slowly.</source>
      <translation>Den Pack anstecken, die Hand am Stecker lassen.%1 Langsam drehen lassen.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/machine_leads.py" />
      <source>Plus and minus exchanged here destroys the controller at the first plugging in.</source>
      <translation>Plus und Minus hier vertauscht zerstören den Regler beim ersten Anstecken.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/machine_leads.py" />
      <source>Plus and minus not joined</source>
      <translation>Plus und Minus nicht verbunden</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/machine_leads.py" />
      <source>Side by side and bare at the same length they touch when a sleeve slips.</source>
      <translation>Nebeneinander und auf gleicher Länge blank berühren sie sich, wenn ein Schlauch rutscht.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/machine_leads.py" />
      <source>Sleeve every bullet</source>
      <translation>Jeden Rundstecker überziehen</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/machine_leads.py" />
      <source>Sleeve on the wire first, far back (%1).</source>
      <translation>Zuerst den Schlauch auf die Leitung, weit zurück (%1).</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/machine_leads.py" />
      <source>Sleeves overlap all bare metal</source>
      <translation>Schläuche überdecken alles blanke Metall</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/machine_leads.py" />
      <source>The connector below is the pack's; its mate goes on the controller's input. All of it is done dead.</source>
      <translation>Der Stecker unten gehört zum Pack; sein Gegenstück kommt an den Eingang des Reglers. Alles geschieht spannungslos.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/machine_leads.py" />
      <source>The controller drives the motor: its bullets should be the female, covered ones.</source>
      <translation>Der Regler treibt den Motor: seine Rundstecker sollten die Buchsen sein, die verdeckten.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/machine_leads.py" />
      <source>The controller's input connector can be mated backwards: mark it, or take a keyed one.</source>
      <translation>Der Eingangsstecker des Reglers lässt sich verkehrt stecken: kennzeichnen, oder einen mit Nase nehmen.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/machine_leads.py" />
      <source>The half that mates with %1 on the pack. %2 The controller's %3 by its own marking, into the contact whose sign moulded on the body is %4. %5 W iron, about %6 s, sleeve on first.</source>
      <translation>Die Hälfte, die zu %1 am Pack passt. %2 %3 des Reglers nach dessen eigener Kennzeichnung, in den Kontakt, dessen eingeprägtes Zeichen %4 ist. %5 W Lötkolben, etwa %6 s, zuerst den Schlauch darauf.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/machine_leads.py" />
      <source>The load's capacitors spark (%1 J): precharge through %2 Ω.</source>
      <translation>Die Kondensatoren des Verbrauchers funken (%1 J): über %2 Ω vorladen.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/machine_leads.py" />
      <source>The motor's wires are cut to one length: it looks neat, and their joints lie side by side.</source>
      <translation>Die Leitungen des Motors sind auf eine Länge geschnitten: es sieht ordentlich aus, und ihre Verbindungen liegen nebeneinander.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/machine_leads.py" />
      <source>The sleeve slides over the bullet afterwards (%1); try that with a bare bullet first.</source>
      <translation>Der Schlauch wird danach über den Rundstecker geschoben (%1); das zuerst mit einem blanken Rundstecker probieren.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/machine_leads.py" />
      <source>Turns the right way</source>
      <translation>Dreht richtig herum</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/machine_leads.py" />
      <source>Turns the right way, or two of three wires exchanged</source>
      <translation>Dreht richtig herum, sonst zwei der drei Leitungen getauscht</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/machine_leads.py" />
      <source>Unplug the pack and take it away from the bench. Measure across the controller's input: its capacitors hold their voltage for minutes. Discharge them through a resistor, not with a screwdriver.</source>
      <translation>Den Pack abstecken und von der Werkbank nehmen. Am Eingang des Reglers messen: seine Kondensatoren halten ihre Spannung minutenlang. Über einen Widerstand entladen, nicht mit dem Schraubendreher.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/machine_leads.py" />
      <source>Use %1</source>
      <translation>%1 nehmen</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/machine_leads.py" />
      <source>controller</source>
      <translation>Regler</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/machine_leads.py" />
      <source>female</source>
      <translation>Buchse</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/machine_leads.py" />
      <source>male</source>
      <translation>Stift</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/machine_leads.py" />
      <source>motor</source>
      <translation>Motor</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/machine_leads.py" />
      <source>to the motor</source>
      <translation>zum Motor</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/machine_leads.py" />
      <source>wire bottomed in the cup, bullet's outside free of solder</source>
      <translation>Leitung sitzt im Kelch auf, Außenseite des Rundsteckers frei von Lot</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/machine_leads.py" />
      <source>wire bottomed, sleeve over all bare metal</source>
      <translation>Leitung sitzt auf, Schlauch über allem blanken Metall</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/made_up_lead.py" />
      <source>A lead is as strong as the weaker of its ends.</source>
      <translation>Eine Leitung ist so stark wie ihr schwächeres Ende.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/made_up_lead.py" />
      <source>A short of the source</source>
      <translation>Ein Kurzschluss der Quelle</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/made_up_lead.py" />
      <source>An adapter is plugged in by whoever finds it, with whatever it fits.</source>
      <translation>Ein Adapter wird von dem gesteckt, der ihn findet, und mit dem, worauf er passt.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/made_up_lead.py" />
      <source>At the far end the contacts of %1 are not covered: live as soon as the near end is plugged in.</source>
      <translation>Am fernen Ende sind die Kontakte von %1 nicht verdeckt: unter Spannung, sobald das nahe Ende steckt.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/made_up_lead.py" />
      <source>Both ends of the adapter are alike: choose the connector at the far end.</source>
      <translation>Beide Enden des Adapters sind gleich: den Stecker am fernen Ende wählen.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/made_up_lead.py" />
      <source>Ends</source>
      <translation>Enden</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/made_up_lead.py" />
      <source>Halves</source>
      <translation>Hälften</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/made_up_lead.py" />
      <source>It joins two packs: the same kind, within %1 of each other before the second is plugged in (1 V apart drives about %2 from one into the other), and a fuse in each branch.</source>
      <translation>Sie verbindet zwei Packs: gleiche Art, innerhalb von %1, bevor der zweite gesteckt wird (1 V Unterschied treibt etwa %2 vom einen in den anderen), und eine Sicherung in jedem Zweig.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/made_up_lead.py" />
      <source>Of the ends, %1 can be mated backwards: mark plus on both halves, or take a keyed one.</source>
      <translation>Von den Enden lässt sich %1 verkehrt stecken: Plus an beiden Hälften kennzeichnen oder einen mit Nase nehmen.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/made_up_lead.py" />
      <source>The charger's end is bare bullets: with the pack's end plugged in first they are live and may touch. Charger first, always; better a covered plug.</source>
      <translation>Das Ende am Ladegerät sind blanke Rundstecker: steckt das Ende am Pack zuerst, stehen sie unter Spannung und können sich berühren. Immer zuerst das Ladegerät; besser ein verdeckter Stecker.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/made_up_lead.py" />
      <source>The connector below is that of the near end: the one at the source, or at the pack of a charge lead. A branch of a Y may have to carry all of the current.</source>
      <translation>Der Stecker unten ist der des nahen Endes: der an der Quelle, bei einer Ladeleitung der am Pack. Ein Zweig eines Y muss vielleicht den ganzen Strom tragen.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/made_up_lead.py" />
      <source>The lead and its ends</source>
      <translation>Die Leitung und ihre Enden</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/made_up_lead.py" />
      <source>Two packs on one lead are one parallel group, joined at whatever voltage each happens to have.</source>
      <translation>Zwei Packs an einer Leitung sind eine Parallelgruppe, verbunden bei der Spannung, die jeder gerade hat.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/made_up_lead.py" />
      <source>Whatever is plugged in first decides what is bare and live.</source>
      <translation>Was zuerst gesteckt wird, entscheidet, was blank und unter Spannung ist.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/made_up_lead.py" />
      <source>class values, as for the near end</source>
      <translation>Klassenwerte, wie für das nahe Ende</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/made_up_lead.py" />
      <source>drives %1</source>
      <translation>treibt %1</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/made_up_lead.py" />
      <source>near: %1; far: %2</source>
      <translation>nah: %1; fern: %2</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/made_up_lead.py" />
      <source>the load's wires</source>
      <translation>die Leitungen des Verbrauchers</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/made_up_lead.py" />
      <source>wires that are there</source>
      <translation>vorhandene Leitungen</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/made_up_lead_steps.py" />
      <source>%1 beside them, each traced and numbered at both ends.</source>
      <translation>%1 daneben, jede verfolgt und an beiden Enden nummeriert.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/made_up_lead_steps.py" />
      <source>%1 of %2, %3 m each, all of one length.%4%5</source>
      <translation>%1 von %2, je %3 m, alle gleich lang.%4%5</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/made_up_lead_steps.py" />
      <source>%1, %2 each</source>
      <translation>%1, je %2</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/made_up_lead_steps.py" />
      <source>%1, %2 from the near end, both joints sleeved; the fuse itself in last of all.</source>
      <translation>%1, %2 vom nahen Ende, beide Verbindungen überzogen; die Sicherung selbst ganz zuletzt hinein.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/made_up_lead_steps.py" />
      <source>%1, %2. %3 Check with the meter that this wire is the one in the near end's %4, then strip %5, tin both, %6 W iron, about %7 s.</source>
      <translation>%1, %2. %3 Mit dem Messgerät prüfen, dass diese Leitung die ist, die am nahen Ende in %4 sitzt, dann %5 abisolieren, beide verzinnen, %6 W Lötkolben, etwa %7 s.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/made_up_lead_steps.py" />
      <source>%1, %2. %3 Strip %4, tin wire and cup apart; %5 W iron, about %6 s.%7</source>
      <translation>%1, %2. %3 %4 abisolieren, Leitung und Kelch getrennt verzinnen; %5 W Lötkolben, etwa %6 s.%7</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/made_up_lead_steps.py" />
      <source>A charged load sparks and can hurt as a pack does.</source>
      <translation>Ein geladener Verbraucher funkt und kann verletzen wie ein Pack.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/made_up_lead_steps.py" />
      <source>Bodies not distorted</source>
      <translation>Gehäuse nicht verformt</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/made_up_lead_steps.py" />
      <source>Both ends no warmer than the hand bears</source>
      <translation>Beide Enden nicht wärmer, als die Hand verträgt</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/made_up_lead_steps.py" />
      <source>Both joints sleeved</source>
      <translation>Beide Verbindungen überzogen</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/made_up_lead_steps.py" />
      <source>Both wires of this pole go into the one cup, twisted together; if they do not fit, splice them first.</source>
      <translation>Beide Leitungen dieses Pols kommen in den einen Kelch, verdrillt; passen sie nicht, zuerst spleißen.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/made_up_lead_steps.py" />
      <source>Caps of both connectors too.</source>
      <translation>Auch die Kappen beider Stecker.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/made_up_lead_steps.py" />
      <source>Caps on</source>
      <translation>Kappen darauf</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/made_up_lead_steps.py" />
      <source>Charger's end was in first</source>
      <translation>Das Ende am Ladegerät war zuerst drin</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/made_up_lead_steps.py" />
      <source>Continuity from end to end, nothing across</source>
      <translation>Durchgang von Ende zu Ende, nichts quer</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/made_up_lead_steps.py" />
      <source>Cut, trace and mark the wires</source>
      <translation>Die Leitungen schneiden, verfolgen und kennzeichnen</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/made_up_lead_steps.py" />
      <source>Each core traced by continuity</source>
      <translation>Jede Ader durch Durchgang verfolgt</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/made_up_lead_steps.py" />
      <source>Each joint sleeved</source>
      <translation>Jede Verbindung überzogen</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/made_up_lead_steps.py" />
      <source>Each number to its number</source>
      <translation>Jede Nummer zu ihrer Nummer</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/made_up_lead_steps.py" />
      <source>Far end%1</source>
      <translation>Fernes Ende%1</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/made_up_lead_steps.py" />
      <source>Far end%1, %2: into the contact marked %3</source>
      <translation>Fernes Ende%1, %2: in den Kontakt %3</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/made_up_lead_steps.py" />
      <source>From here on the far end is live: a probe that slips across shorts the source.</source>
      <translation>Von hier an steht das ferne Ende unter Spannung: eine Messspitze, die quer abrutscht, schließt die Quelle kurz.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/made_up_lead_steps.py" />
      <source>Holder closes</source>
      <translation>Halter schließt</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/made_up_lead_steps.py" />
      <source>It loses under %1</source>
      <translation>Sie verliert unter %1</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/made_up_lead_steps.py" />
      <source>Its capacitors spark (%1 J): precharge through %2 Ω.</source>
      <translation>Seine Kondensatoren funken (%1 J): über %2 Ω vorladen.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/made_up_lead_steps.py" />
      <source>Load it with about %1; feel both ends and every joint.</source>
      <translation>Mit etwa %1 belasten; beide Enden und jede Verbindung fühlen.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/made_up_lead_steps.py" />
      <source>Mates at both ends without force</source>
      <translation>Steckt an beiden Enden ohne Kraft</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/made_up_lead_steps.py" />
      <source>Minus to minus</source>
      <translation>Minus an Minus</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/made_up_lead_steps.py" />
      <source>Near end</source>
      <translation>Nahes Ende</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/made_up_lead_steps.py" />
      <source>Near end, %1: into the contact marked %2</source>
      <translation>Nahes Ende, %1: in den Kontakt %2</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/made_up_lead_steps.py" />
      <source>Never the pack's end into a pack while the other end lies open.</source>
      <translation>Nie das Ende am Pack in einen Pack, solange das andere Ende offen liegt.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/made_up_lead_steps.py" />
      <source>No bare metal outside a sleeve</source>
      <translation>Kein blankes Metall außerhalb eines Schlauchs</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/made_up_lead_steps.py" />
      <source>None joined to another, by continuity</source>
      <translation>Keine mit einer anderen verbunden, durch Durchgang</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/made_up_lead_steps.py" />
      <source>Nothing across, wiggled</source>
      <translation>Nichts quer, auch beim Wackeln</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/made_up_lead_steps.py" />
      <source>Nothing plugged in</source>
      <translation>Nichts angesteckt</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/made_up_lead_steps.py" />
      <source>Number to number, each joint in a sleeve of its own, staggered along the lead.</source>
      <translation>Nummer zu Nummer, jede Verbindung in ihrem eigenen Schlauch, entlang der Leitung versetzt.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/made_up_lead_steps.py" />
      <source>Outer sleeve on</source>
      <translation>Äußerer Schlauch darauf</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/made_up_lead_steps.py" />
      <source>Pack's end reads plus on +, or continuity checked twice</source>
      <translation>Ende am Pack zeigt Plus an +, oder Durchgang zweimal geprüft</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/made_up_lead_steps.py" />
      <source>Pieces of one length</source>
      <translation>Stücke gleich lang</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/made_up_lead_steps.py" />
      <source>Plug the near end into its source and read the far end: red into the contact marked +.</source>
      <translation>Das nahe Ende an seine Quelle stecken und das ferne messen: Rot in den Kontakt +.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/made_up_lead_steps.py" />
      <source>Plus and minus exchanged destroy the load at once.</source>
      <translation>Plus und Minus vertauscht zerstören den Verbraucher sofort.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/made_up_lead_steps.py" />
      <source>Plus and minus exchanged here are found by whatever is plugged in first.</source>
      <translation>Plus und Minus hier vertauscht merkt erst das, was zuerst gesteckt wird.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/made_up_lead_steps.py" />
      <source>Plus marked at both ends</source>
      <translation>Plus an beiden Enden gekennzeichnet</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/made_up_lead_steps.py" />
      <source>Plus of each end joined to plus</source>
      <translation>Plus jedes Endes mit Plus verbunden</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/made_up_lead_steps.py" />
      <source>Plus to plus and minus to minus at every end, by the signs on the bodies; none across. Wiggle the wires at both ends meanwhile.</source>
      <translation>Plus an Plus und Minus an Minus an jedem Ende, nach den Zeichen an den Gehäusen; nichts quer. Dabei die Leitungen an beiden Enden hin und her bewegen.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/made_up_lead_steps.py" />
      <source>Plus wire marked by the load's own marking</source>
      <translation>Plusleitung nach der Kennzeichnung des Verbrauchers gekennzeichnet</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/made_up_lead_steps.py" />
      <source>Polarity by meter, charger first</source>
      <translation>Polung mit dem Messgerät, Ladegerät zuerst</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/made_up_lead_steps.py" />
      <source>Polarity by meter, through the lead</source>
      <translation>Polung mit dem Messgerät, durch die Leitung</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/made_up_lead_steps.py" />
      <source>Read the pack's connector first: plus where this half has plus. Then plug in, hand by the plug. %1</source>
      <translation>Zuerst den Stecker des Packs messen: Plus, wo diese Hälfte Plus hat. Dann anstecken, die Hand am Stecker. %1</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/made_up_lead_steps.py" />
      <source>Sleeve for each joint on its wire</source>
      <translation>Schlauch für jede Verbindung auf ihrer Leitung</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/made_up_lead_steps.py" />
      <source>Sleeves and caps on the wires, now</source>
      <translation>Schläuche und Kappen jetzt auf die Leitungen</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/made_up_lead_steps.py" />
      <source>Sleeves grip wire and cup</source>
      <translation>Schläuche greifen Leitung und Kelch</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/made_up_lead_steps.py" />
      <source>Sleeves on every wire, for both ends: %1.%2%3 Push them to the middle, away from the heat.</source>
      <translation>Schläuche auf jede Leitung, für beide Enden: %1.%2%3 In die Mitte schieben, von der Hitze weg.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/made_up_lead_steps.py" />
      <source>Slide the sleeves over, shrink them</source>
      <translation>Die Schläuche darüberschieben, schrumpfen</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/made_up_lead_steps.py" />
      <source>Splice %1: wire into wire</source>
      <translation>Spleiß %1: Leitung in Leitung</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/made_up_lead_steps.py" />
      <source>Strip %1 of both, push the strands into each other, bind them flat, solder right round until it has run through. The other conductor's splice lies %2 further along, so that the two never lie side by side. Then %3 over it, shrunk.</source>
      <translation>%1 von beiden abisolieren, die Litzen ineinander schieben, flach umwickeln, rundum löten, bis es durchgelaufen ist. Der Spleiß des anderen Leiters liegt %2 weiter, damit die beiden nie nebeneinander liegen. Dann %3 darüber, geschrumpft.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/made_up_lead_steps.py" />
      <source>The %1</source>
      <translation>%1</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/made_up_lead_steps.py" />
      <source>The charger's end first, always: with the pack's end in first the plugs at the charger are bare and live. Then read the pack's end: red into the contact marked +. Some chargers give nothing without a pack: then continuity, checked twice, is what there is.</source>
      <translation>Immer zuerst das Ende am Ladegerät: steckt das Ende am Pack zuerst, sind die Stecker am Ladegerät blank und unter Spannung. Dann das Ende am Pack messen: Rot in den Kontakt +. Manche Ladegeräte geben ohne Pack nichts: dann bleibt nur der Durchgang, zweimal geprüft.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/made_up_lead_steps.py" />
      <source>The cores look alike: trace each by continuity and mark both its ends, before anything is joined.</source>
      <translation>Die Adern sehen gleich aus: jede durch Durchgang verfolgen und beide Enden kennzeichnen, bevor etwas verbunden wird.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/made_up_lead_steps.py" />
      <source>The fuse's holder in its lead</source>
      <translation>Der Halter der Sicherung in seiner Leitung</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/made_up_lead_steps.py" />
      <source>The load unplugged and empty</source>
      <translation>Der Verbraucher abgesteckt und leer</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/made_up_lead_steps.py" />
      <source>The outer sleeve over everything goes on first of all.</source>
      <translation>Der äußere Schlauch über alles kommt als allererster darauf.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/made_up_lead_steps.py" />
      <source>The wires that are there are dead</source>
      <translation>Die vorhandenen Leitungen sind spannungslos</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/made_up_lead_steps.py" />
      <source>Unplug it from its pack. Its capacitors hold their voltage for minutes: measure, and empty them through a resistor. Find its plus by its own marking, not by the old plug, and mark that wire.</source>
      <translation>Von seinem Pack abstecken. Seine Kondensatoren halten ihre Spannung minutenlang: messen, und über einen Widerstand leeren. Sein Plus nach seiner eigenen Kennzeichnung finden, nicht nach dem alten Stecker, und diese Leitung kennzeichnen.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/made_up_lead_steps.py" />
      <source>Unplugged at their other end, where nothing can be plugged in meanwhile. A pack's own leads are never spliced both at once: one conductor at a time, the other covered.</source>
      <translation>Am anderen Ende abgesteckt, wo inzwischen nichts eingesteckt werden kann. Die eigenen Leitungen eines Packs werden nie beide zugleich gespleißt: ein Leiter nach dem anderen, der andere abgedeckt.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/made_up_lead_steps.py" />
      <source>Unplugged, and kept so</source>
      <translation>Abgesteckt, und so belassen</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/made_up_lead_steps.py" />
      <source>Wipe flux while warm; over all bare metal, from the middle of each.%1</source>
      <translation>Flussmittel warm abwischen; über alles blanke Metall, jeweils von der Mitte aus.%1</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/made_up_lead_steps.py" />
      <source>Wires of a pack stay live: then it is a lead change, one conductor at a time.</source>
      <translation>Leitungen eines Packs bleiben unter Spannung: dann ist es ein Leitungswechsel, ein Leiter nach dem anderen.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/made_up_lead_steps.py" />
      <source>a sleeve</source>
      <translation>einem Schlauch</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/made_up_lead_steps.py" />
      <source>no strand stands out, smooth all round, tug holds</source>
      <translation>keine Litze steht ab, rundum glatt, hält dem Zug stand</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/made_up_lead_steps.py" />
      <source>sleeve that passes the contact and grips the wire</source>
      <translation>Schlauch, der über den Kontakt geht und die Leitung greift</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/made_up_lead_steps.py" />
      <source>the half that mates with %1</source>
      <translation>die Hälfte, die zu %1 passt</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/made_up_lead_steps.py" />
      <source>the half that the charger takes</source>
      <translation>die Hälfte, die das Ladegerät nimmt</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/made_up_lead_steps.py" />
      <source>the halves that mate with %1</source>
      <translation>die Hälften, die zu %1 passen</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/made_up_lead_steps.py" />
      <source>up to %1 with red on plus</source>
      <translation>bis zu %1 mit Rot auf Plus</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/made_up_lead_steps.py" />
      <source>wire bottomed in the cup, insulation up to the cup, tug holds</source>
      <translation>Leitung sitzt im Kelch auf, Isolierung bis an den Kelch, hält dem Zug stand</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/new_pack.py" />
      <source>%1 side by side as one,</source>
      <translation>%1 nebeneinander wie eine,</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/new_pack.py" />
      <source>, those of one group within %1 before they are joined</source>
      <translation>, die einer Gruppe innerhalb von %1, bevor sie verbunden werden</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/new_pack.py" />
      <source>, within %1: what is left a balance charge evens out</source>
      <translation>, innerhalb von %1: was bleibt, gleicht eine Balancer-Ladung aus</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/new_pack.py" />
      <source>A dented, leaking or rusty cell does not go into a pack.</source>
      <translation>Eine verbeulte, undichte oder rostige Zelle kommt in keinen Pack.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/new_pack.py" />
      <source>A tab that has cracked or torn at a weld is made new, not bent back.</source>
      <translation>Eine an der Schweißung gerissene Fahne wird neu gemacht, nicht zurückgebogen.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/new_pack.py" />
      <source>A tab that slides over the rim of a positive end shorts that cell: see the disc in place before each fold.</source>
      <translation>Eine Fahne, die über den Rand eines Plusendes rutscht, schließt diese Zelle kurz: vor jedem Falten die Scheibe an ihrem Platz sehen.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/new_pack.py" />
      <source>Below %1 V it may be left out.</source>
      <translation>Unter %1 V kann es entfallen.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/new_pack.py" />
      <source>Cells held firm, fibre tape round them so that they cannot shift</source>
      <translation>Zellen fest gehalten, Gewebeband darum, sodass sie sich nicht verschieben können</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/new_pack.py" />
      <source>Check each group's direction against the drawing twice: one cell the wrong way is a dead short.</source>
      <translation>Die Richtung jeder Gruppe zweimal mit der Zeichnung vergleichen: eine Zelle verkehrt ist ein satter Kurzschluss.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/new_pack.py" />
      <source>Disc on each positive end, the tab through its middle</source>
      <translation>Scheibe auf jedem Plusende, die Fahne mitten hindurch</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/new_pack.py" />
      <source>Each fold smooth, no crack, no weld lifted</source>
      <translation>Jeder Falz glatt, kein Riss, keine Schweißung gelöst</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/new_pack.py" />
      <source>Each pole against the outside of the pack (foil laid round it), with a meter or an insulation tester of low voltage.</source>
      <translation>Jeder Pol gegen die Außenseite des Packs (Folie darumgelegt), mit einem Messgerät oder einem Isolationsprüfer niedriger Spannung.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/new_pack.py" />
      <source>Each ring centred and stuck down</source>
      <translation>Jeder Ring mittig und angeklebt</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/new_pack.py" />
      <source>Every cell's direction as drawn, first time</source>
      <translation>Richtung jeder Zelle wie gezeichnet, erstes Mal</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/new_pack.py" />
      <source>Every cell's direction as drawn, second time</source>
      <translation>Richtung jeder Zelle wie gezeichnet, zweites Mal</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/new_pack.py" />
      <source>Fold the cells end to end</source>
      <translation>Die Zellen Ende an Ende falten</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/new_pack.py" />
      <source>Height takes it</source>
      <translation>Die Höhe reicht</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/new_pack.py" />
      <source>Leads have a way out</source>
      <translation>Leitungen haben einen Ausgang</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/new_pack.py" />
      <source>Length takes the pack with clearance</source>
      <translation>Die Länge nimmt den Pack mit Luft auf</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/new_pack.py" />
      <source>Look over the insulation</source>
      <translation>Die Isolierung durchsehen</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/new_pack.py" />
      <source>Marks on the bench</source>
      <translation>Zeichen auf der Werkbank</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/new_pack.py" />
      <source>Measure the compartment itself, not its drawing: length, width, height at several places. The pack will be %1 × %2 × %3 mm.</source>
      <translation>Das Fach selbst messen, nicht seine Zeichnung: Länge, Breite, Höhe an mehreren Stellen. Der Pack wird %1 × %2 × %3 mm.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/new_pack.py" />
      <source>Measure the insulation</source>
      <translation>Isolation messen</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/new_pack.py" />
      <source>Measure the insulation, if you want it on record</source>
      <translation>Die Isolation messen, wenn sie aufgezeichnet sein soll</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/new_pack.py" />
      <source>Measure the real space</source>
      <translation>Den wirklichen Raum messen</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/new_pack.py" />
      <source>Never an insulation tester between the two poles of a live pack.</source>
      <translation>Nie einen Isolationsprüfer zwischen die beiden Pole eines Packs unter Spannung.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/new_pack.py" />
      <source>No lead across a strip edge</source>
      <translation>Keine Leitung über einer Streifenkante</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/new_pack.py" />
      <source>One tab after the other, from the minus end: %1a disc of insulation on each positive end round its tab, then swing the next cell over until the ends face each other, the tab bent once over a rod of about 1 mm, never back and never twice. A turn of tape over each fold, a flap over the bend of a tab that a sense lead is joined to; then tape along the whole. Folded, it is about %2 long.</source>
      <translation>Eine Fahne nach der anderen, vom Minusende an: %1auf jedes Plusende eine Isolierscheibe um die Fahne, dann die nächste Zelle herumschwenken, bis die Enden einander gegenüberstehen, die Fahne einmal über einen Stab von etwa 1 mm gebogen, nie zurück und nie zweimal. Eine Lage Band über jeden Falz, eine Klappe über den Bug einer Fahne, an der eine Messleitung sitzt; dann Band der Länge nach. Gefaltet ist er etwa %2 lang.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/new_pack.py" />
      <source>Press an insulator ring on every positive end, centred, metal of the nub clear inside it.</source>
      <translation>Auf jedes Plusende einen Isolierring drücken, mittig, das Metall der Kappe frei darin.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/new_pack.py" />
      <source>Reads %1 from end to end, as before folding</source>
      <translation>Zeigt %1 von Ende zu Ende, wie vor dem Falten</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/new_pack.py" />
      <source>Ring on each positive</source>
      <translation>Ring auf jedem Plus</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/new_pack.py" />
      <source>Ring on every positive end</source>
      <translation>Ring auf jedem Plusende</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/new_pack.py" />
      <source>Ring under every positive</source>
      <translation>Ring unter jedem Plus</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/new_pack.py" />
      <source>Set the cells, mark plus and minus</source>
      <translation>Die Zellen setzen, Plus und Minus anzeichnen</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/new_pack.py" />
      <source>Sheet %1 mm over both faces, tape to hold it, sheet round the sides.</source>
      <translation>Folie %1 mm über beide Seiten, Band zum Halten, Folie um die Flanken.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/new_pack.py" />
      <source>Sheet over all joints, both faces</source>
      <translation>Folie über allen Verbindungen, beide Seiten</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/new_pack.py" />
      <source>Sheet under the board, board fixed %1</source>
      <translation>Folie unter der Platine, Platine befestigt %1</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/new_pack.py" />
      <source>Stand each cell in its numbered place, in the holder or on the template printed at 1:1;</source>
      <translation>Jede Zelle auf ihren nummerierten Platz stellen, in den Halter oder auf die 1:1 gedruckte Schablone;</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/new_pack.py" />
      <source>Stand the cells %1 across, %2 columns, group by group as drawn;</source>
      <translation>Die Zellen zu %1 nebeneinander stellen, %2 Spalten, Gruppe für Gruppe wie gezeichnet;</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/new_pack.py" />
      <source>Straight, and %1 long within 3 mm</source>
      <translation>Gerade, und auf 3 mm genau %1 lang</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/new_pack.py" />
      <source>Tape or a holder between neighbouring cells: two wraps chafed through are a short. Write + and − on the bench beside the groups and leave the marks to the end.</source>
      <translation>Band oder ein Halter zwischen Nachbarzellen: zwei durchgescheuerte Hüllen sind ein Kurzschluss. + und − neben die Gruppen auf die Werkbank schreiben und die Zeichen bis zum Ende lassen.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/new_pack.py" />
      <source>Tape or holder between neighbouring cells</source>
      <translation>Band oder Halter zwischen benachbarten Zellen</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/new_pack.py" />
      <source>The can is negative right up to the rim: without the ring a strip shorts the cell.</source>
      <translation>Der Becher ist bis zum Rand hinauf Minus: ohne den Ring schließt ein Streifen die Zelle kurz.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/new_pack.py" />
      <source>Voltage of %1 %2, and look at every wrap and both ends. Note the lowest and the highest.</source>
      <translation>Spannung von %1 %2, und jede Hülle und beide Enden ansehen. Niedrigste und höchste notieren.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/new_pack.py" />
      <source>Width takes it</source>
      <translation>Die Breite reicht</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/new_pack.py" />
      <source>all with %1 up.</source>
      <translation>alle mit %1 oben.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/new_pack.py" />
      <source>at the end</source>
      <translation>am Ende</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/new_pack.py" />
      <source>every</source>
      <translation>jeder</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/new_pack.py" />
      <source>group 1 with %1 up, each next group the other way.</source>
      <translation>Gruppe 1 mit %1 oben, jede nächste Gruppe umgekehrt.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/new_pack.py" />
      <source>on top</source>
      <translation>oben</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/new_pack.py" />
      <source>outside</source>
      <translation>außen</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/new_pack.py" />
      <source>the</source>
      <translation>die</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/parts_list.py" />
      <source>%1 m of %2%3</source>
      <translation>%1 m von %2%3</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/parts_list.py" />
      <source>%1 of %2, cut %3</source>
      <translation>%1 von %2, Zuschnitt %3</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/parts_list.py" />
      <source>%1 with spares, in the money of the shop%2</source>
      <translation>%1 mit Reserve, in der Währung der Werkstatt%2</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/parts_list.py" />
      <source>; %1 without a price</source>
      <translation>; %1 ohne Preis</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/parts_list.py" />
      <source>lug</source>
      <translation>Kabelschuh</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/parts_list.py" />
      <source>other</source>
      <translation>anderen</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/parts_used.py" />
      <source>plate %1 of the sheet of %2</source>
      <translation>Platte %1 der Tafel aus %2</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/parts_used.py" />
      <source>screw %1</source>
      <translation>Schraube %1</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/passport.py" />
      <source>%1 (%2 a group), no higher</source>
      <translation>%1 (%2 je Gruppe), nicht höher</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/passport.py" />
      <source>%1 V %2 Ah %3 Wh</source>
      <translation>%1 V %2 Ah %3 Wh</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/passport.py" />
      <source>%1 and %2, never below</source>
      <translation>%1 und %2, nie darunter</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/passport.py" />
      <source>%1 empty to %2 full</source>
      <translation>%1 leer bis %2 voll</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/passport.py" />
      <source>%1 for %2 s</source>
      <translation>%1 für %2 s</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/passport.py" />
      <source>%1 in air of %2 if it runs for ever</source>
      <translation>%1 in Luft von %2, wenn es immer läuft</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/passport.py" />
      <source>%1 mV at the steady current</source>
      <translation>%1 mV beim Dauerstrom</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/passport.py" />
      <source>%1 of %2 steps are not passed; the next is “%3”. %4</source>
      <translation>%1 von %2 Schritten sind nicht bestanden; der nächste ist „%3“. %4</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/passport.py" />
      <source>%1 of %2 steps passed%3, %4 rework%5.</source>
      <translation>%1 von %2 Schritten bestanden%3, Nacharbeiten: %4.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/passport.py" />
      <source>%1 recorded.</source>
      <translation>%1 eingetragen.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/passport.py" />
      <source>%1 records on design revision %2; %3.</source>
      <translation>%1 Aufzeichnungen zur Entwurfsfassung %2; %3.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/passport.py" />
      <source>%1 sample welds peeled, %2 held; %3 weld pairs recorded.</source>
      <translation>%1 Probeschweißungen abgeschält, %2 hielten; %3 Schweißpaare eingetragen.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/passport.py" />
      <source>%1 steady, %2 for %3 s</source>
      <translation>%1 dauernd, %2 für %3 s</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/passport.py" />
      <source>%1, %2 m each</source>
      <translation>%1, je %2 m</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/passport.py" />
      <source>%1, link %2, %3</source>
      <translation>%1, Glied %2, %3</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/passport.py" />
      <source>%1, up to %2</source>
      <translation>%1, bis zu %2</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/passport.py" />
      <source>%1: %2 screws at %3 N·m.</source>
      <translation>%1: %2 Schrauben mit %3 N·m.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/passport.py" />
      <source>%1; no cell above %2</source>
      <translation>%1; keine Zelle über %2</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/passport.py" />
      <source>0 (reference)</source>
      <translation>0 (Bezug)</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/passport.py" />
      <source>; the first</source>
      <translation>; die erste</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/passport.py" />
      <source>A pack that swells, hisses, smells or warms by itself goes outside and is left.</source>
      <translation>Ein Pack, der sich bläht, zischt, riecht oder von selbst warm wird, kommt nach draußen und wird dort gelassen.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/passport.py" />
      <source>A short drives</source>
      <translation>Ein Kurzschluss treibt</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/passport.py" />
      <source>Always live: never bridge the contacts, never cut both leads at once.</source>
      <translation>Immer unter Spannung: die Kontakte nie überbrücken, nie beide Leitungen auf einmal durchschneiden.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/passport.py" />
      <source>Charge between</source>
      <translation>Laden zwischen</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/passport.py" />
      <source>Charge current</source>
      <translation>Ladestrom</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/passport.py" />
      <source>Charge to</source>
      <translation>Laden bis</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/passport.py" />
      <source>Chemistry</source>
      <translation>Chemie</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/passport.py" />
      <source>Discharge</source>
      <translation>Entladen</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/passport.py" />
      <source>Do not charge unattended, near sleepers, or on anything that burns.</source>
      <translation>Nicht unbeaufsichtigt laden, nicht neben Schlafenden und nicht auf etwas, das brennt.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/passport.py" />
      <source>Fuse</source>
      <translation>Sicherung</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/passport.py" />
      <source>In use</source>
      <translation>Im Gebrauch</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/passport.py" />
      <source>Insulation %1: %2 MΩ at %3 V.</source>
      <translation>Isolierung %1: %2 MΩ bei %3 V.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/passport.py" />
      <source>Local rules for transport and disposal apply.</source>
      <translation>Die örtlichen Regeln für Versand und Entsorgung gelten.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/passport.py" />
      <source>Method</source>
      <translation>Verfahren</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/passport.py" />
      <source>Nominal</source>
      <translation>Nennwert</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/passport.py" />
      <source>Stop at</source>
      <translation>Aufhören bei</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/passport.py" />
      <source>Store at</source>
      <translation>Lagern bei</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/passport.py" />
      <source>The design on screen is not saved yet.</source>
      <translation>Der Entwurf am Bildschirm ist noch nicht gespeichert.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/passport.py" />
      <source>Transport</source>
      <translation>Versand</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/passport.py" />
      <source>Up to %1: over the touch limit of %2 d.c.; covers on, licensed practice where asked.</source>
      <translation>Bis zu %1: über der Berührungsgrenze von %2 Gleichspannung; Abdeckungen darauf, zugelassene Fachleute, wo verlangt.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/passport.py" />
      <source>Voltage</source>
      <translation>Spannung</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/passport.py" />
      <source>Window</source>
      <translation>Bereich</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/passport.py" />
      <source>chain ends %1</source>
      <translation>Kette endet mit %1</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/passport.py" />
      <source>charge %1up to %2 A</source>
      <translation>laden %1bis %2 A</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/passport.py" />
      <source>discharge %1 A</source>
      <translation>Entladen %1 A</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/passport.py" />
      <source>none; balance charger only</source>
      <translation>keine; nur Balancer-Ladegerät</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/passport.py" />
      <source>not signed</source>
      <translation>nicht unterschrieben</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/passport.py" />
      <source>of the short plan</source>
      <translation>des kurzen Plans</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/passport.py" />
      <source>revision %1</source>
      <translation>Fassung %1</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/passport.py" />
      <source>serial %1</source>
      <translation>Seriennummer %1</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/passport.py" />
      <source>signed by the workshop key %1</source>
      <translation>unterschrieben mit dem Werkstattschlüssel %1</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/passport.py" />
      <source>to %1 V,</source>
      <translation>bis %1 V,</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/passport.py" />
      <source>up to %1</source>
      <translation>bis zu %1</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/plan.py" />
      <source>%1 m each</source>
      <translation>je %1 m</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/plan.py" />
      <source>Outside, mm</source>
      <translation>Außen, mm</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/plan.py" />
      <source>Steady / peak</source>
      <translation>Dauernd / Spitze</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/plan.py" />
      <source>Up to</source>
      <translation>Bis zu</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/plan.py" />
      <source>one cell</source>
      <translation>eine Zelle</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/power_cable.py" />
      <source>%1 N·m for M%2</source>
      <translation>%1 N·m für M%2</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/power_cable.py" />
      <source>%1 by its duty</source>
      <translation>%1 nach seiner Einschaltdauer</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/power_cable.py" />
      <source>%1 is for M%2; the stud at the %3 is M%4.</source>
      <translation>%1 ist für M%2; der Bolzen: %3, M%4.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/power_cable.py" />
      <source>%1 takes %2 to %3; the wire has %4.</source>
      <translation>%1 nimmt %2 bis %3; die Leitung hat %4.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/power_cable.py" />
      <source>%1, %2: crimp the lug</source>
      <translation>%1, %2: den Kabelschuh crimpen</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/power_cable.py" />
      <source>%1. Strip %2 (barrel and 1 mm; mark it with tape), roll the insulation off, nick no strand. All strands in with a twist, seen in the witness hole. Die or indent for %3 mm², %4. Then the %5 over barrel and insulation: it is shrunk enough when glue shows at both ends.</source>
      <translation>%1. %2 abisolieren (Hülse und 1 mm; mit Band kennzeichnen), die Isolierung abrollen, keine Litze anritzen. Alle Litzen mit einer Drehung hinein, im Sichtloch zu sehen. Backe oder Dorn für %3 mm², %4. Dann %5 über Hülse und Isolierung: genug geschrumpft ist er, wenn an beiden Enden Kleber austritt.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/power_cable.py" />
      <source>%1: lugs flat on its studs, torque as printed on it, cover on. The %2 itself stays out, or open.</source>
      <translation>%1: Kabelschuhe flach auf den Bolzen, Drehmoment wie aufgedruckt, Deckel darauf. %2 selbst bleibt draußen oder offen.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/power_cable.py" />
      <source>%1; it warms to %2, %3 after the peak</source>
      <translation>%1; es erwärmt sich auf %2, nach der Spitze auf %3</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/power_cable.py" />
      <source>, the second insulation over all that lies ahead of the %1, before the end is crimped.</source>
      <translation>, die zweite Isolierung über alles, was vor %1 liegt, bevor das Ende gecrimpt wird.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/power_cable.py" />
      <source>A barrel too wide lets strands move, one too narrow costs strands; a hole too large does not clamp.</source>
      <translation>In einer zu weiten Hülse bewegen sich Litzen, eine zu enge kostet Litzen; ein zu großes Loch klemmt nicht.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/power_cable.py" />
      <source>A conductor no hotter than %1 carries nothing in air of %2.</source>
      <translation>Ein Leiter, der höchstens %1 warm werden darf, trägt in Luft von %2 nichts.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/power_cable.py" />
      <source>At the load</source>
      <translation>Am Verbraucher</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/power_cable.py" />
      <source>At the source</source>
      <translation>An der Quelle</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/power_cable.py" />
      <source>Both conductors together lose under %1</source>
      <translation>Beide Leiter zusammen verlieren unter %1</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/power_cable.py" />
      <source>Both lugs on the %1</source>
      <translation>Beide Kabelschuhe an: %1</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/power_cable.py" />
      <source>Both studs clean and bright</source>
      <translation>Beide Bolzen sauber und blank</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/power_cable.py" />
      <source>Choose a lug in Leads first.</source>
      <translation>Zuerst in Leitungen einen Kabelschuh wählen.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/power_cable.py" />
      <source>Clipped</source>
      <translation>Mit Schellen</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/power_cable.py" />
      <source>Clips</source>
      <translation>Schellen</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/power_cable.py" />
      <source>Clips and covers sit</source>
      <translation>Schellen und Deckel sitzen</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/power_cable.py" />
      <source>Cover on</source>
      <translation>Deckel darauf</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/power_cable.py" />
      <source>Cut each conductor where its stud or %1 is: a heavy cable half through, let go, then through, so that the cut stays square. Sleeves on</source>
      <translation>Jeden Leiter dort schneiden, wo sein Bolzen oder %1 ist: ein schweres Kabel halb durch, absetzen, dann durch, damit der Schnitt rechtwinklig bleibt. Schläuche darauf</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/power_cable.py" />
      <source>Cut in place, slide everything on</source>
      <translation>An Ort und Stelle schneiden, alles aufschieben</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/power_cable.py" />
      <source>Cuts square, no strand lost</source>
      <translation>Schnitte rechtwinklig, keine Litze verloren</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/power_cable.py" />
      <source>Drop and heat under load</source>
      <translation>Abfall und Wärme unter Last</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/power_cable.py" />
      <source>Each conductor to the other and to the frame, both ends free.</source>
      <translation>Jeder Leiter gegen den anderen und gegen den Rahmen, beide Enden frei.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/power_cable.py" />
      <source>From the load towards the source, grommets in every hole through sheet. Clips %1. Plus and minus beside each other.</source>
      <translation>Vom Verbraucher zur Quelle, Tüllen in jedem Loch durch Blech. Schellen %1. Plus und Minus nebeneinander.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/power_cable.py" />
      <source>Fuse, load side</source>
      <translation>Sicherung, Lastseite</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/power_cable.py" />
      <source>Fuse, source side</source>
      <translation>Sicherung, Seite der Quelle</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/power_cable.py" />
      <source>Grommets in every hole</source>
      <translation>Tüllen in jedem Loch</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/power_cable.py" />
      <source>Join</source>
      <translation>Verbinden</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/power_cable.py" />
      <source>Lay</source>
      <translation>Verlegen</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/power_cable.py" />
      <source>Lay a string where the cable will run, away from edges, heat and moving parts, no bend under %1 inside. Planned: %2 m of %3, each conductor.</source>
      <translation>Eine Schnur legen, wo das Kabel laufen wird, weg von Kanten, Hitze und bewegten Teilen, innen keine Biegung unter %1. Geplant: %2 m von %3, je Leiter.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/power_cable.py" />
      <source>Length is within %1 m</source>
      <translation>Länge stimmt auf %1 m</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/power_cable.py" />
      <source>Load end</source>
      <translation>Ende am Verbraucher</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/power_cable.py" />
      <source>Load it with about %1; measure from source stud to load stud along each conductor, then feel every lug.</source>
      <translation>Mit etwa %1 belasten; von Bolzen zu Bolzen an jedem Leiter messen, dann jeden Kabelschuh fühlen.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/power_cable.py" />
      <source>Lug flat on the stud, nothing between, washer and nut on top. Torque: %1; what the part says goes before it.</source>
      <translation>Kabelschuh flach auf dem Bolzen, nichts dazwischen, Scheibe und Mutter oben. Drehmoment: %1; was auf dem Teil steht, gilt vor diesem.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/power_cable.py" />
      <source>Lug flat, torque reached</source>
      <translation>Kabelschuh flach, Drehmoment erreicht</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/power_cable.py" />
      <source>Lugs</source>
      <translation>Kabelschuhe</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/power_cable.py" />
      <source>Lugs flat, torque reached</source>
      <translation>Kabelschuhe flach, Drehmoment erreicht</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/power_cable.py" />
      <source>Measure the insulation before it is live</source>
      <translation>Die Isolierung messen, bevor Spannung anliegt</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/power_cable.py" />
      <source>Measure the way with a string</source>
      <translation>Den Weg mit einer Schnur messen</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/power_cable.py" />
      <source>No bend too tight</source>
      <translation>Keine Biegung zu eng</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/power_cable.py" />
      <source>No lug is chosen at the %1.</source>
      <translation>Kein Kabelschuh gewählt: %1.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/power_cable.py" />
      <source>No lug warmer than the cable</source>
      <translation>Kein Kabelschuh wärmer als das Kabel</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/power_cable.py" />
      <source>Nothing chafes</source>
      <translation>Nichts scheuert</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/power_cable.py" />
      <source>Nothing protects that piece: chafed through, it burns until the source is empty.</source>
      <translation>Dieses Stück schützt nichts: durchgescheuert brennt es, bis die Quelle leer ist.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/power_cable.py" />
      <source>Nothing sharp or hot on the way</source>
      <translation>Nichts Scharfes oder Heißes auf dem Weg</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/power_cable.py" />
      <source>Polarity at the load, then the %1 in</source>
      <translation>Polung am Verbraucher, dann %1 hinein</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/power_cable.py" />
      <source>Put a second insulation on it</source>
      <translation>Eine zweite Isolierung darauf</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/power_cable.py" />
      <source>Route</source>
      <translation>Weg</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/power_cable.py" />
      <source>Second insulation on</source>
      <translation>Zweite Isolierung darauf</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/power_cable.py" />
      <source>Sleeve on each conductor</source>
      <translation>Schlauch auf jedem Leiter</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/power_cable.py" />
      <source>Sleeves for the first end go on before it is crimped. The other end is crimped where the cable lies.</source>
      <translation>Die Schläuche für das erste Ende kommen vor dem Crimpen darauf. Das andere Ende wird gecrimpt, wo das Kabel liegt.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/power_cable.py" />
      <source>Sleeves on each conductor</source>
      <translation>Schläuche auf jedem Leiter</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/power_cable.py" />
      <source>Sleeves on, then the load's end at the bench</source>
      <translation>Schläuche darauf, dann das Ende am Verbraucher auf der Werkbank</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/power_cable.py" />
      <source>Small spark at most</source>
      <translation>Höchstens ein kleiner Funke</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/power_cable.py" />
      <source>Source disconnected</source>
      <translation>Quelle abgeklemmt</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/power_cable.py" />
      <source>Source disconnected: the clamp on its minus comes off first and goes on last.</source>
      <translation>Quelle abgeklemmt: die Klemme an ihrem Minus kommt zuerst ab und zuletzt dran.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/power_cable.py" />
      <source>Source end</source>
      <translation>Ende an der Quelle</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/power_cable.py" />
      <source>Source, duty and ends</source>
      <translation>Quelle, Einschaltdauer und Enden</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/power_cable.py" />
      <source>Spanner insulated: from plus to frame it drives %1.</source>
      <translation>Schraubenschlüssel isoliert: von Plus zum Rahmen treibt er %1.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/power_cable.py" />
      <source>The %1 is out, or open</source>
      <translation>%1 ist draußen oder offen</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/power_cable.py" />
      <source>The %1 stays out, or open, and goes in this lead within %2 of the stud.</source>
      <translation>%1 bleibt draußen oder offen und sitzt in dieser Leitung höchstens %2 vom Bolzen.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/power_cable.py" />
      <source>The wire between source and fuse has no second insulation.</source>
      <translation>Die Leitung zwischen Quelle und Sicherung hat keine zweite Isolierung.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/power_cable.py" />
      <source>Thinnest</source>
      <translation>Dünnste</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/power_cable.py" />
      <source>Through the grommets, lay and clip it</source>
      <translation>Durch die Tüllen, verlegen und befestigen</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/power_cable.py" />
      <source>Too thin it cooks its insulation, or the load gets too little.</source>
      <translation>Zu dünn verbrennt sie ihre Isolierung, oder der Verbraucher bekommt zu wenig.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/power_cable.py" />
      <source>With the %1 out the load end reads nothing. Put it in; red on the plus lug.</source>
      <translation>Ist %1 draußen, zeigt das Ende am Verbraucher nichts. Einsetzen; Rot auf den Plus-Kabelschuh.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/power_cable.py" />
      <source>barrel and stud as stamped</source>
      <translation>Hülse und Bolzen wie gestempelt</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/power_cable.py" />
      <source>before the end is crimped.</source>
      <translation>bevor das Ende gecrimpt wird.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/power_cable.py" />
      <source>carries %1 of %2 by its duty (it would reach %3)</source>
      <translation>trägt %1 von %2 nach seiner Einschaltdauer (es erreichte %3)</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/power_cable.py" />
      <source>choose a lug</source>
      <translation>einen Kabelschuh wählen</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/power_cable.py" />
      <source>conductor in the witness hole, tug holds%1</source>
      <translation>Leiter im Sichtloch, hält dem Zug stand%1</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/power_cable.py" />
      <source>drop</source>
      <translation>Abfall</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/power_cable.py" />
      <source>every %1, first %2 from the lug</source>
      <translation>alle %1, die erste %2 vom Kabelschuh</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/power_cable.py" />
      <source>every %1, the first %2 from each lug</source>
      <translation>alle %1, die erste %2 von jedem Kabelschuh</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/power_cable.py" />
      <source>from stud to stud</source>
      <translation>von Bolzen zu Bolzen</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/power_cable.py" />
      <source>heat balance by duty; drop at working temperature, both conductors</source>
      <translation>Wärmebilanz nach Einschaltdauer; Abfall bei Betriebstemperatur, beide Leiter</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/power_cable.py" />
      <source>loses %1 V of the %2 allowed</source>
      <translation>verliert %1 V von erlaubten %2</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/power_cable.py" />
      <source>no lug chosen</source>
      <translation>kein Kabelschuh gewählt</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/power_cable.py" />
      <source>one full crimp</source>
      <translation>eine volle Crimpung</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/power_cable.py" />
      <source>reaches %1 at the peak</source>
      <translation>erreicht %1 in der Spitze</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/power_cable.py" />
      <source>so that nothing hangs</source>
      <translation>damit nichts hängt</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/power_cable.py" />
      <source>strip %1, %2, die %3 mm², %4%5%6</source>
      <translation>%1 abisolieren, %2, Backe %3 mm², %4%5%6</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/power_cable.py" />
      <source>torque as printed</source>
      <translation>Drehmoment wie aufgedruckt</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/power_cable.py" />
      <source>two crimps, the first next to the palm (some make one, in the middle)</source>
      <translation>zwei Crimpungen, die erste neben der Lasche (manche machen eine, in der Mitte)</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/power_cable.py" />
      <source>what is printed on the part</source>
      <translation>was auf dem Teil steht</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/proving_steps.py" />
      <source>%1, cut %2 mm. Hot air from the middle outwards, moving, low heat.%3</source>
      <translation>%1, Zuschnitt %2 mm. Heißluft von der Mitte nach außen, in Bewegung, wenig Hitze.%3</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/proving_steps.py" />
      <source>%1, then read every group.</source>
      <translation>%1, dann jede Gruppe ablesen.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/proving_steps.py" />
      <source>%1. Feel or measure the strips near the leads, then load it steadily for a minute.</source>
      <translation>%1. Die Streifen nahe den Leitungen fühlen oder messen, dann eine Minute gleichmäßig belasten.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/proving_steps.py" />
      <source>A cap or tape over its contacts until the charger's plug goes on: every pin is live against every other.</source>
      <translation>Eine Kappe oder Band über seinen Kontakten, bis der Stecker des Ladegeräts daraufkommt: jeder Pin steht gegen jeden anderen unter Spannung.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/proving_steps.py" />
      <source>A lamp or 1 kΩ between two pins only while you read: it grows warm.</source>
      <translation>Eine Lampe oder 1 kΩ zwischen zwei Pins nur während des Ablesens: es wird warm.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/proving_steps.py" />
      <source>A probe that slips across both contacts shorts the pack.</source>
      <translation>Eine Spitze, die über beide Kontakte rutscht, schließt den Pack kurz.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/proving_steps.py" />
      <source>B%1 is on already.</source>
      <translation>B%1 ist schon an.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/proving_steps.py" />
      <source>B1, B2 … in order</source>
      <translation>B1, B2 … der Reihe nach</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/proving_steps.py" />
      <source>Balance charge, read the groups full</source>
      <translation>Ausgleichend laden, die Gruppen voll ablesen</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/proving_steps.py" />
      <source>Balance plug clear, covered, tied out of the way</source>
      <translation>Balancerstecker frei, abgedeckt, weggebunden</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/proving_steps.py" />
      <source>Black in COM, red in the volt socket. Red on the plus of one cell or on the pack's plus strip, black on its minus: it must read plus.</source>
      <translation>Schwarz in COM, Rot in die Spannungsbuchse. Rot auf das Plus einer Zelle oder auf den Plusstreifen des Packs, Schwarz auf ihr Minus: es muss plus zeigen.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/proving_steps.py" />
      <source>Black on the collecting strip of B0, red on that of B%1.</source>
      <translation>Schwarz auf den Sammelstreifen von B0, Rot auf den von B%1.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/proving_steps.py" />
      <source>Black probe on B0, red on %1, %2. Enter each reading in Tests.</source>
      <translation>Schwarze Spitze auf B0, Rot auf %1, %2. Jede Ablesung in Prüfungen eintragen.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/proving_steps.py" />
      <source>Both ends lip over the edge</source>
      <translation>Beide Enden greifen über die Kante</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/proving_steps.py" />
      <source>Charge ended by the clock after at most %1 h</source>
      <translation>Die Uhr beendet das Laden nach höchstens %1 h</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/proving_steps.py" />
      <source>Charge ended by −ΔV or temperature, and by no voltage</source>
      <translation>Ladung beendet durch −ΔV oder Temperatur und durch keine Spannung</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/proving_steps.py" />
      <source>Charge ends at %1</source>
      <translation>Laden endet bei %1</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/proving_steps.py" />
      <source>Charge it once with a balance charger on the balance plug</source>
      <translation>Einmal mit einem Balancer-Ladegerät am Balancerstecker laden</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/proving_steps.py" />
      <source>Charge with at most %1 and stay with it</source>
      <translation>Mit höchstens %1 laden und dabeibleiben</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/proving_steps.py" />
      <source>Check the order of pads against the wire list: %1.</source>
      <translation>Die Reihenfolge der Pads gegen die Leitungsliste prüfen: %1.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/proving_steps.py" />
      <source>Connect the board</source>
      <translation>Platine anschließen</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/proving_steps.py" />
      <source>Connector cool after load</source>
      <translation>Stecker nach der Last kühl</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/proving_steps.py" />
      <source>Connector halves mate, shape not melted</source>
      <translation>Steckerhälften passen, Form nicht geschmolzen</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/proving_steps.py" />
      <source>Cover the balance plug</source>
      <translation>Den Balancerstecker abdecken</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/proving_steps.py" />
      <source>Each free end is live against all the others: uncover one at a time.</source>
      <translation>Jedes freie Ende steht gegen alle anderen unter Spannung: eines nach dem anderen aufdecken.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/proving_steps.py" />
      <source>Every group within 0.02 V of %1</source>
      <translation>Jede Gruppe auf 0,02 V bei %1</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/proving_steps.py" />
      <source>Every pad soldered as listed</source>
      <translation>Jedes Pad gelötet wie gelistet</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/proving_steps.py" />
      <source>Every sense lead on the pad that the wire list names</source>
      <translation>Jede Messleitung auf dem Pad, das die Leitungsliste nennt</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/proving_steps.py" />
      <source>First charge and first load, watched</source>
      <translation>Erstes Laden und erste Last, überwacht</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/proving_steps.py" />
      <source>Fit, label and last look</source>
      <translation>Einpassen, Etikett und letzter Blick</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/proving_steps.py" />
      <source>Fits with nothing squeezed</source>
      <translation>Passt, ohne dass etwas gequetscht wird</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/proving_steps.py" />
      <source>Foam back in its place</source>
      <translation>Schaum wieder an seinem Platz</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/proving_steps.py" />
      <source>Label on</source>
      <translation>Etikett angebracht</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/proving_steps.py" />
      <source>Last: %1.</source>
      <translation>Zuletzt: %1.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/proving_steps.py" />
      <source>Leave it on the charger until the board has balanced (%1 a group)</source>
      <translation>Am Ladegerät lassen, bis die Platine ausgeglichen hat (%1 je Gruppe)</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/proving_steps.py" />
      <source>No bridge between pads</source>
      <translation>Keine Brücke zwischen Pads</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/proving_steps.py" />
      <source>No burnt place</source>
      <translation>Keine verbrannte Stelle</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/proving_steps.py" />
      <source>No group over its limit</source>
      <translation>Keine Gruppe über ihrer Grenze</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/proving_steps.py" />
      <source>No open flame. Keep the heat moving: it reaches the cells through the sheet.</source>
      <translation>Keine offene Flamme. Die Hitze in Bewegung halten: sie erreicht die Zellen durch die Folie.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/proving_steps.py" />
      <source>No pin can be touched</source>
      <translation>Kein Pin lässt sich berühren</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/proving_steps.py" />
      <source>No trapped air</source>
      <translation>Keine Luft eingeschlossen</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/proving_steps.py" />
      <source>No wrinkle over a lead</source>
      <translation>Keine Falte über einer Leitung</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/proving_steps.py" />
      <source>Not %1 until every step rises by one cell.</source>
      <translation>Nicht %1, bevor jede Stufe um eine Zelle steigt.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/proving_steps.py" />
      <source>Nothing warmer than the hand bears</source>
      <translation>Nichts wärmer, als die Hand erträgt</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/proving_steps.py" />
      <source>Polarity at the connector by meter</source>
      <translation>Polung am Stecker mit dem Messgerät</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/proving_steps.py" />
      <source>Prove the meter</source>
      <translation>Das Messgerät prüfen</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/proving_steps.py" />
      <source>Put it in its place without squeezing, check the connector by meter once more, label it with voltage, energy and serial.</source>
      <translation>Ohne Quetschen an seinen Platz setzen, den Stecker noch einmal messen, mit Spannung, Energie und Seriennummer beschriften.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/proving_steps.py" />
      <source>Read again an hour later: none fell behind</source>
      <translation>Nach einer Stunde noch einmal ablesen: keine ist zurückgefallen</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/proving_steps.py" />
      <source>Read every tap against B0</source>
      <translation>Jeden Abgriff gegen B0 ablesen</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/proving_steps.py" />
      <source>Read the %1</source>
      <translation>Ablesen: %1</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/proving_steps.py" />
      <source>Read the cell group at its taps</source>
      <translation>Die Zellengruppe an ihren Abgriffen messen</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/proving_steps.py" />
      <source>Read the whole pack on its strips</source>
      <translation>Den ganzen Pack an seinen Streifen ablesen</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/proving_steps.py" />
      <source>Second sleeve across: %1, %2 mm.</source>
      <translation>Zweiter Schlauch quer: %1, %2 mm.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/proving_steps.py" />
      <source>Sense plug sits and reads as listed</source>
      <translation>Messstecker sitzt und zeigt, was in der Liste steht</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/proving_steps.py" />
      <source>Solder one at a time, in this order: %1.</source>
      <translation>Eine nach der anderen löten, in dieser Reihenfolge: %1.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/proving_steps.py" />
      <source>Test what voltages cannot show</source>
      <translation>Prüfen, was Spannungen nicht zeigen können</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/proving_steps.py" />
      <source>The order differs between boards: where its sheet says otherwise, follow it.</source>
      <translation>Die Reihenfolge ist je nach Platine verschieden: wo ihr Blatt etwas anderes sagt, danach gehen.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/proving_steps.py" />
      <source>The red probe into the contact marked + of the %1, the black into −, before anything is ever plugged in. If it reads nothing, wake the board with the charger.</source>
      <translation>Die rote Spitze in den mit + bezeichneten Kontakt von: %1, die schwarze in −, bevor je etwas eingesteckt wird. Zeigt es nichts, die Platine mit dem Ladegerät wecken.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/proving_steps.py" />
      <source>Then the wire of B%1 to the board's B%2.</source>
      <translation>Dann die Leitung von B%1 an B%2 der Platine.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/proving_steps.py" />
      <source>These read right and are not: %1. One quick test each; readings under a load are entered in Tests.</source>
      <translation>Diese zeigen richtig an und sind es nicht: %1. Für jede eine kurze Prüfung; Ablesungen unter Last werden unter Prüfungen eingegeben.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/proving_steps.py" />
      <source>This board does not balance: read the groups full, and charge low ones one by one</source>
      <translation>Diese Platine gleicht nicht aus: die Gruppen voll messen und niedrige einzeln laden</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/proving_steps.py" />
      <source>Two probes, two hands, nothing else on the strips.</source>
      <translation>Zwei Spitzen, zwei Hände, sonst nichts auf den Streifen.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/proving_steps.py" />
      <source>Voltage at the connector equals the pack, about %1; if nothing, wake the board with the charger</source>
      <translation>Spannung am Stecker gleich der des Packs, etwa %1; wenn nichts, die Platine mit dem Ladegerät wecken</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/proving_steps.py" />
      <source>With the meter's leads exchanged, a plug put on mirrored reads right at every pin.</source>
      <translation>Mit vertauschten Messleitungen am Messgerät zeigt ein spiegelverkehrt aufgesteckter Stecker an jedem Pin richtig.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/proving_steps.py" />
      <source>at the free end of the sense plug</source>
      <translation>am freien Ende des Messsteckers</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/proving_steps.py" />
      <source>at the free ends of the sense leads, uncovered one at a time</source>
      <translation>an den freien Enden der Messleitungen, eines nach dem anderen aufgedeckt</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/proving_steps.py" />
      <source>each step %1, total %2</source>
      <translation>jede Stufe %1, zusammen %2</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/proving_steps.py" />
      <source>is a fast charge: only with a charger that ends it by −ΔV or temperature; stay with it</source>
      <translation>ist eine Schnellladung: nur mit einem Ladegerät, das sie durch −ΔV oder Temperatur beendet; dabeibleiben</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/proving_steps.py" />
      <source>lip of about %1 at each end</source>
      <translation>Überstand von etwa %1 an jedem Ende</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/proving_steps.py" />
      <source>on the strips, through the flaps in the sheet</source>
      <translation>auf den Streifen, durch die Klappen in der Folie</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/proving_steps.py" />
      <source>overlap_m</source>
      <translation>overlap_m</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/proving_steps.py" />
      <source>plugged in</source>
      <translation>eingesteckt</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/proving_steps.py" />
      <source>plus %1 on one cell</source>
      <translation>plus %1 auf einer Zelle</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/proving_steps.py" />
      <source>soldered to the board</source>
      <translation>an die Platine gelötet</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/proving_steps.py" />
      <source>takes about %1 h from empty: end it by the clock and stay with it</source>
      <translation>dauert von leer etwa %1 h: nach der Uhr beenden und dabeibleiben</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/proving_steps.py" />
      <source>the sense leads</source>
      <translation>die Messleitungen</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/proving_steps.py" />
      <source>the sense plug</source>
      <translation>der Messstecker</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/re_sleeve.py" />
      <source>%1 mm flat</source>
      <translation>%1 mm flach</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/re_sleeve.py" />
      <source>%1 mm thick, %2 mm long</source>
      <translation>%1 mm dick, %2 mm lang</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/re_sleeve.py" />
      <source>%1, cut %2 mm, %3</source>
      <translation>%1, auf %2 mm geschnitten, %3</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/re_sleeve.py" />
      <source>%1, cut %2, equally far over both ends.%3 Hot air, low, moving, from the middle outwards, the cell held by a cool end.</source>
      <translation>%1, auf %2 geschnitten, gleich weit über beide Enden.%3 Heißluft, wenig, in Bewegung, von der Mitte nach außen, die Zelle an einem kühlen Ende gehalten.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/re_sleeve.py" />
      <source>; %1 m for %2 cells</source>
      <translation>; %1 m für %2 Zellen</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/re_sleeve.py" />
      <source>A cell that is forced in tears its new sleeve at the first spring.</source>
      <translation>Eine hineingezwängte Zelle zerreißt ihren neuen Schlauch an der ersten Feder.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/re_sleeve.py" />
      <source>A dent, a wet or white place, rust that can be felt: %1.</source>
      <translation>Eine Delle, eine feuchte oder weiße Stelle, fühlbarer Rost: %1.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/re_sleeve.py" />
      <source>A new insulator ring, pressed on and centred; the old one only if it is whole and still sticks. The nub stands clear in its hole.</source>
      <translation>Ein neuer Isolierring, aufgedrückt und mittig; der alte nur, wenn er ganz ist und noch klebt. Die Kappe steht frei in seinem Loch.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/re_sleeve.py" />
      <source>A re-sleeve is for round cells one by one; this job has %1S%2P of %3 cells.</source>
      <translation>Neue Schläuche sind für runde Zellen einzeln; dieser Auftrag hat %1S%2P von Zellen der Art %3.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/re_sleeve.py" />
      <source>A sleeve that does not grip slides off its lips.</source>
      <translation>Ein Schlauch, der nicht greift, rutscht von seinen Lippen.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/re_sleeve.py" />
      <source>All round and at both ends, in good light.</source>
      <translation>Rundum und an beiden Enden, bei gutem Licht.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/re_sleeve.py" />
      <source>Both lips lie over the edge alike</source>
      <translation>Beide Lippen greifen gleich weit über die Kante</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/re_sleeve.py" />
      <source>Can not scored</source>
      <translation>Becher nicht angeritzt</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/re_sleeve.py" />
      <source>Cell %1 of %2: mark it, read it, try it</source>
      <translation>Zelle %1 von %2: beschriften, ablesen, probieren</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/re_sleeve.py" />
      <source>Cell %1 of %2: measure, look, decide</source>
      <translation>Zelle %1 von %2: messen, ansehen, entscheiden</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/re_sleeve.py" />
      <source>Cell no more than hand-warm</source>
      <translation>Zelle höchstens handwarm</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/re_sleeve.py" />
      <source>Cells of one class differ by tenths of a millimetre, and so do what they are bought as and what they are.</source>
      <translation>Zellen einer Klasse unterscheiden sich um Zehntelmillimeter, und ebenso das, als was sie gekauft wurden, von dem, was sie sind.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/re_sleeve.py" />
      <source>Clear the bench</source>
      <translation>Die Werkbank frei machen</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/re_sleeve.py" />
      <source>Dented, leaking, rusted, warm, or under %1: %2.</source>
      <translation>Eingedellt, undicht, rostig, warm oder unter %1: %2.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/re_sleeve.py" />
      <source>Each of the %1 cells, one after the other.</source>
      <translation>Jede der %1 Zellen, eine nach der anderen.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/re_sleeve.py" />
      <source>Flat cells have no ring and no lips; their wrap is another job.</source>
      <translation>Flache Zellen haben weder Ring noch Lippen; ihre Hülle ist ein anderer Auftrag.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/re_sleeve.py" />
      <source>From here on the whole can is bare and negative.</source>
      <translation>Von hier an ist der ganze Becher blank und Minus.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/re_sleeve.py" />
      <source>From the tear, with fingers or blunt tweezers.%1</source>
      <translation>Vom Riss aus, mit den Fingern oder einer stumpfen Pinzette.%1</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/re_sleeve.py" />
      <source>Goes into its holder without force</source>
      <translation>Geht ohne Kraft in ihren Halter</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/re_sleeve.py" />
      <source>Hot air, no flame: the cell must stay cool enough to hold. Stop when the sleeve lies.</source>
      <translation>Heißluft, keine Flamme: die Zelle muss kühl genug zum Halten bleiben. Aufhören, wenn der Schlauch anliegt.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/re_sleeve.py" />
      <source>It gets no sleeve: tape both ends, put it outdoors in sand in a metal box, and take it to a collection point for batteries; never into household waste</source>
      <translation>Sie bekommt keinen Schlauch: beide Enden abkleben, ins Freie in Sand in einen Metallkasten, und zu einer Sammelstelle für Batterien bringen; nie in den Hausmüll</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/re_sleeve.py" />
      <source>Look at the bare can</source>
      <translation>Den blanken Becher ansehen</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/re_sleeve.py" />
      <source>Mark it, read it, try it</source>
      <translation>Beschriften, ablesen, probieren</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/re_sleeve.py" />
      <source>Marked: rating, plus, date</source>
      <translation>Beschriftet: Nennwerte, Plus, Datum</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/re_sleeve.py" />
      <source>New sleeve on a cell</source>
      <translation>Neuer Schlauch auf einer Zelle</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/re_sleeve.py" />
      <source>No blade: through the wrap it scores the can, and across the positive's rim it shorts the cell.</source>
      <translation>Keine Klinge: durch die Hülle ritzt sie den Becher, und quer über den Rand am Plus schließt sie die Zelle kurz.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/re_sleeve.py" />
      <source>No dent</source>
      <translation>Keine Delle</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/re_sleeve.py" />
      <source>No rust that can be felt</source>
      <translation>Kein fühlbarer Rost</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/re_sleeve.py" />
      <source>No wrinkle, no bubble</source>
      <translation>Keine Falte, keine Blase</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/re_sleeve.py" />
      <source>Not warm</source>
      <translation>Nicht warm</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/re_sleeve.py" />
      <source>Nothing conducting under the cell: wood or a dry mat. New sleeve and ring laid out; rings and watch off.</source>
      <translation>Nichts Leitendes unter der Zelle: Holz oder eine trockene Matte. Neuer Schlauch und Ring bereit; Ringe und Uhr abgelegt.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/re_sleeve.py" />
      <source>Nothing conducting within reach of the can</source>
      <translation>Nichts Leitendes in Reichweite des Bechers</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/re_sleeve.py" />
      <source>Nothing wet or white</source>
      <translation>Nichts feucht oder weiß</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/re_sleeve.py" />
      <source>Nub clear all round</source>
      <translation>Kappe rundum frei</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/re_sleeve.py" />
      <source>Rating, a plus at the positive end, and the date on the sleeve. Voltage again, then into its holder: it goes in and out without force.</source>
      <translation>Nennwerte, ein Plus am Plusende und das Datum auf den Schlauch. Noch einmal die Spannung, dann in ihren Halter: hinein und heraus ohne Kraft.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/re_sleeve.py" />
      <source>Ring centred, positive bare</source>
      <translation>Ring mittig, Plus frei</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/re_sleeve.py" />
      <source>Ring on the positive end</source>
      <translation>Ring auf das Plusende</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/re_sleeve.py" />
      <source>Ring whole and stuck down</source>
      <translation>Ring ganz und fest</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/re_sleeve.py" />
      <source>Sleeve cut, ring ready</source>
      <translation>Schlauch geschnitten, Ring bereit</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/re_sleeve.py" />
      <source>Slide it on, shrink it</source>
      <translation>Aufschieben, schrumpfen</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/re_sleeve.py" />
      <source>Tear the old wrap off</source>
      <translation>Die alte Hülle abreißen</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/re_sleeve.py" />
      <source>The bare can is %1 %2; %3 is %4 with its wrap: is it that cell?</source>
      <translation>Der blanke Becher hat %1 %2; %3 hat mit Hülle %4: ist es diese Zelle?</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/re_sleeve.py" />
      <source>The can under the sleeve is negative up to the rim of the positive end.</source>
      <translation>Der Becher unter dem Schlauch ist Minus bis an den Rand des Plusendes.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/re_sleeve.py" />
      <source>The cell is %1. %2.</source>
      <translation>Die Zelle ist %1. %2.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/re_sleeve.py" />
      <source>The cell with its new sleeve, cut along its axis; the positive end at the right.</source>
      <translation>Die Zelle mit ihrem neuen Schlauch, längs geschnitten; das Plusende rechts.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/re_sleeve.py" />
      <source>Voltage, both ends, and what shows through the tear. A torn wrap is replaced now: the bare can is negative up to the rim of the positive. A weak cell stays weak; a sleeve does not cure it.</source>
      <translation>Spannung, beide Enden und was durch den Riss zu sehen ist. Eine zerrissene Hülle wird jetzt ersetzt: der blanke Becher ist Minus bis an den Rand des Plus. Eine schwache Zelle bleibt schwach; ein Schlauch heilt sie nicht.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/re_sleeve.py" />
      <source>What is wrong inside does not get better under a new sleeve; it only cannot be seen any more.</source>
      <translation>Was innen falsch ist, wird unter einem neuen Schlauch nicht besser; man sieht es nur nicht mehr.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/re_sleeve.py" />
      <source>With its sleeve the cell is %1 %2; the holder takes %3.</source>
      <translation>Mit ihrem Schlauch hat die Zelle %1 %2; der Halter nimmt %3.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/re_sleeve.py" />
      <source>Without the ring a strip or a spring shorts nub and rim.</source>
      <translation>Ohne den Ring schließt ein Streifen oder eine Feder Kappe und Rand kurz.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/re_sleeve.py" />
      <source>Wrap off, nothing of it left under the ring</source>
      <translation>Hülle ab, nichts davon unter dem Ring</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/re_sleeve.py" />
      <source>Write its number on it.</source>
      <translation>Ihre Nummer darauf schreiben.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/re_sleeve.py" />
      <source>as before, %1, red on the positive end</source>
      <translation>wie vorher, %1, Rot auf dem Plusende</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/re_sleeve.py" />
      <source>bare size as measured, or the largest of the class, and the sleeve's wall</source>
      <translation>blanke Größe wie gemessen oder die größte der Klasse, und die Wand des Schlauchs</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/re_sleeve.py" />
      <source>leaking</source>
      <translation>undicht</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/re_sleeve.py" />
      <source>length %1, width %2</source>
      <translation>Länge %1, Breite %2</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/re_sleeve.py" />
      <source>long</source>
      <translation>lang</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/re_sleeve.py" />
      <source>rusted</source>
      <translation>rostig</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/re_sleeve.py" />
      <source>warm</source>
      <translation>warm</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/re_sleeve.py" />
      <source>warm by itself</source>
      <translation>von selbst warm</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/re_sleeve.py" />
      <source>⌀ %1 × %2 mm at most</source>
      <translation>höchstens ⌀ %1 × %2 mm</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/readings.py" />
      <source>%1, red on %2, black on %3</source>
      <translation>%1, Rot auf %2, Schwarz auf %3</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/readings.py" />
      <source>%1: nothing joins its probes</source>
      <translation>%1: nichts verbindet ihre Spitzen</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/refit.py" />
      <source>%1 comes out, %2 goes in.</source>
      <translation>%1 kommt heraus, %2 hinein.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/refit.py" />
      <source>%1 long with metal on both ends, %2 wide, at worst</source>
      <translation>%1 lang mit Metall an beiden Enden, %2 breit, im schlimmsten Fall</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/refit.py" />
      <source>%1 wants %2 (%3, at worst%4); there are %5.</source>
      <translation>%1 will %2 (%3, im schlimmsten Fall%4); es gibt %5.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/refit.py" />
      <source>, strip on both ends and %1 to spare</source>
      <translation>, Streifen an beiden Enden und %1 Luft</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/refit.py" />
      <source>A gain in capacity is welcome; a lower discharge rating is not noticed until it gets hot.</source>
      <translation>Mehr Kapazität ist willkommen; weniger erlaubter Entladestrom fällt erst auf, wenn es heiß wird.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/refit.py" />
      <source>A motor, a lamp or a capacitor that was made for the old voltage takes the new one for as long as it lasts.</source>
      <translation>Motor, Lampe oder Kondensator für die alte Spannung nehmen die neue, solange sie halten.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/refit.py" />
      <source>A pack that is squeezed wears its wraps through, and metal that touches a lid is live outside.</source>
      <translation>Ein gequetschter Pack scheuert seine Hüllen durch, und Metall, das einen Deckel berührt, steht außen unter Spannung.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/refit.py" />
      <source>A weld that did not go through lets go in use, under current.</source>
      <translation>Eine Schweißung, die nicht durchging, löst sich im Gebrauch, unter Strom.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/refit.py" />
      <source>Every number of the pack comes from its cells.</source>
      <translation>Jede Zahl des Packs kommt von seinen Zellen.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/refit.py" />
      <source>Full, the new pack has %1; the old had %2: %3 %4. What the host stands must be known and written down.</source>
      <translation>Voll hat der neue Pack %1; der alte hatte %2: %3 %4. Was das Gerät verträgt, muss bekannt und aufgeschrieben sein.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/refit.py" />
      <source>How the host charges is not entered: current, what ends it, its clock.%1</source>
      <translation>Wie das Gerät lädt, ist nicht eingetragen: Strom, was ihn beendet, seine Uhr.%1</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/refit.py" />
      <source>Never charged in its host. %1</source>
      <translation>Nie in seinem Gerät geladen. %1</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/refit.py" />
      <source>Old cells were chosen together with their charger.</source>
      <translation>Alte Zellen wurden zusammen mit ihrem Ladegerät gewählt.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/refit.py" />
      <source>Old pack</source>
      <translation>Alter Pack</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/refit.py" />
      <source>Old tabs of %1 mm are more than the welder joins (%2 mm).</source>
      <translation>Alte Fahnen von %1 mm sind mehr, als das Schweißgerät verbindet (%2 mm).</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/refit.py" />
      <source>One cell takes</source>
      <translation>Eine Zelle braucht</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/refit.py" />
      <source>The new cells are reclaimed; %1 of %2 are tested. Capacity, resistance and a week's rest of each come first.</source>
      <translation>Die neuen Zellen sind wiedergewonnen; %1 von %2 sind getestet. Zuerst Kapazität, Widerstand und eine Woche Ruhe von jeder.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/refit.py" />
      <source>The old cells gave %1 steadily, the new ones give %2: what the host draws must be known.</source>
      <translation>Die alten Zellen gaben dauernd %1, die neuen geben %2: was das Gerät zieht, muss bekannt sein.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/refit.py" />
      <source>The room for one cell: what came out above, what goes in below; to scale.</source>
      <translation>Der Raum für eine Zelle: oben, was herauskam, unten, was hineinkommt; maßstäblich.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/refit.py" />
      <source>The thickness of the old tabs is not entered.</source>
      <translation>Die Dicke der alten Fahnen ist nicht eingetragen.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/refit.py" />
      <source>The weakest cell of a series decides when the pack is empty, and is driven backwards after that.</source>
      <translation>Die schwächste Zelle einer Reihe entscheidet, wann der Pack leer ist, und wird danach rückwärts getrieben.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/refit.py" />
      <source>Weld a thin tab to the cell, solder the old one to it</source>
      <translation>Eine dünne Fahne an die Zelle schweißen, die alte daran löten</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/refit.py" />
      <source>What comes out</source>
      <translation>Was herauskommt</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/refit.py" />
      <source>What goes in, and what stays</source>
      <translation>Was hineinkommt und was bleibt</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/refit.py" />
      <source>Which new cells go in is not chosen.</source>
      <translation>Welche neuen Zellen hineinkommen, ist nicht gewählt.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/refit.py" />
      <source>class values of old and new cell</source>
      <translation>Klassenwerte der alten und der neuen Zelle</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/refit.py" />
      <source>full voltage of both packs;</source>
      <translation>volle Spannung beider Packs;</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/refit.py" />
      <source>largest of the class, nub and strip included, against the room as measured</source>
      <translation>größte der Klasse mit Kappe und Streifen, gegen den gemessenen Raum</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/refit_steps.py" />
      <source>%1, red on plus</source>
      <translation>%1, Rot auf Plus</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/refit_steps.py" />
      <source>A part the wrong way round works against the others and is driven backwards.</source>
      <translation>Ein verkehrter Teil arbeitet gegen die anderen und wird rückwärts getrieben.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/refit_steps.py" />
      <source>A wire torn inside is live at both ends.</source>
      <translation>Eine innen gerissene Leitung steht an beiden Enden unter Spannung.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/refit_steps.py" />
      <source>An insulator ring on every positive end, centred, metal of the nub clear inside it.</source>
      <translation>Auf jedes Plusende ein Isolierring, mittig, das Metall der Kappe frei darin.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/refit_steps.py" />
      <source>An old pack may still be live; treat it so.</source>
      <translation>Ein alter Pack kann noch unter Spannung stehen; so behandeln.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/refit_steps.py" />
      <source>Bare end of a live wire: cover it at once, one at a time.</source>
      <translation>Blankes Ende einer Leitung unter Spannung: sofort abdecken, eine nach der anderen.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/refit_steps.py" />
      <source>Black on the minus of its first group, red on the plus of its last.</source>
      <translation>Schwarz auf das Minus seiner ersten Gruppe, Rot auf das Plus seiner letzten.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/refit_steps.py" />
      <source>Board hangs by no wire</source>
      <translation>Platine hängt an keiner Leitung</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/refit_steps.py" />
      <source>Board's slot and way round recorded</source>
      <translation>Platz und Lage der Platine festgehalten</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/refit_steps.py" />
      <source>Both positions of the switch read right</source>
      <translation>Beide Stellungen des Schalters zeigen richtig</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/refit_steps.py" />
      <source>Both voltages of the switch.</source>
      <translation>Beide Spannungen des Schalters.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/refit_steps.py" />
      <source>Close it: keys line up, every screw back</source>
      <translation>Schließen: Nasen passen, jede Schraube wieder drin</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/refit_steps.py" />
      <source>Cut or lift one joint at a time; the other end covered.</source>
      <translation>Eine Verbindung nach der anderen schneiden oder lösen; das andere Ende abgedeckt.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/refit_steps.py" />
      <source>Each cell where its forerunner stood, %1, by the photo and the marks on the bench; a drop of glue holds them. Key shapes of the frame to their sides. Dry-fit the strip: angle, length.</source>
      <translation>Jede Zelle dorthin, wo ihre Vorgängerin stand, %1, nach dem Foto und den Zeichen auf der Werkbank; ein Tropfen Kleber hält sie. Nasen des Rahmens an ihre Seiten. Streifen trocken anpassen: Winkel, Länge.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/refit_steps.py" />
      <source>Each part read</source>
      <translation>Jeder Teil gemessen</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/refit_steps.py" />
      <source>Each part reads what its groups add up to</source>
      <translation>Jeder Teil zeigt, was seine Gruppen zusammen ergeben</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/refit_steps.py" />
      <source>Ends marked on the case</source>
      <translation>Enden auf dem Gehäuse gekennzeichnet</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/refit_steps.py" />
      <source>Every cell's direction as found, first time</source>
      <translation>Richtung jeder Zelle wie vorgefunden, erstes Mal</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/refit_steps.py" />
      <source>Every cell's direction as found, second time</source>
      <translation>Richtung jeder Zelle wie vorgefunden, zweites Mal</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/refit_steps.py" />
      <source>Every cell's plus marked in the photo or on a sketch</source>
      <translation>Plus jeder Zelle im Foto oder auf einer Skizze</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/refit_steps.py" />
      <source>Every free end covered</source>
      <translation>Jedes freie Ende abgedeckt</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/refit_steps.py" />
      <source>Every function</source>
      <translation>Jede Funktion</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/refit_steps.py" />
      <source>Every group read</source>
      <translation>Jede Gruppe gemessen</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/refit_steps.py" />
      <source>Every recorded screw is back</source>
      <translation>Jede festgehaltene Schraube ist wieder drin</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/refit_steps.py" />
      <source>Every screw recorded and kept</source>
      <translation>Jede Schraube festgehalten und aufbewahrt</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/refit_steps.py" />
      <source>Every side and both ends, before a screw is turned, with a rule or the known size of the case in the picture. Mark which end is which on the case.</source>
      <translation>Jede Seite und beide Enden, bevor eine Schraube gedreht wird, mit einem Maßstab oder der bekannten Größe des Gehäuses im Bild. Auf dem Gehäuse kennzeichnen, welches Ende welches ist.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/refit_steps.py" />
      <source>Every side photographed</source>
      <translation>Jede Seite fotografiert</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/refit_steps.py" />
      <source>Every wire recorded</source>
      <translation>Jede Leitung festgehalten</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/refit_steps.py" />
      <source>Faults recorded, or none seen</source>
      <translation>Fehler festgehalten, oder keine zu sehen</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/refit_steps.py" />
      <source>Flatten the old tabs</source>
      <translation>Die alten Fahnen flach machen</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/refit_steps.py" />
      <source>Foam and pads where they were, wires in their loops, none across an edge. Shake it over a white sheet: no clipping, no bead of solder.</source>
      <translation>Schaum und Polster, wo sie waren, Leitungen in ihren Schlaufen, keine über einer Kante. Über einem weißen Blatt schütteln: kein Abschnitt, keine Lötperle.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/refit_steps.py" />
      <source>Frame the right way round</source>
      <translation>Rahmen richtig herum</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/refit_steps.py" />
      <source>Free the wires, keep the pads</source>
      <translation>Die Leitungen lösen, die Polster aufheben</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/refit_steps.py" />
      <source>Get under a tab with a thin blade, roll it off with pliers, or snip it and leave a stub on the cell.</source>
      <translation>Mit einer dünnen Klinge unter eine Fahne fahren, mit der Zange abrollen, oder abknipsen und einen Stumpf an der Zelle lassen.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/refit_steps.py" />
      <source>Glasses on: steel tabs spring, and a snipped end flies.</source>
      <translation>Schutzbrille auf: Stahlfahnen federn, und ein abgeknipstes Ende fliegt.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/refit_steps.py" />
      <source>Hammer them flat on a hard block without thinning them; file the nuggets off.%1</source>
      <translation>Auf einem harten Block flach hämmern, ohne sie zu dünnen; die Linsen abfeilen.%1</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/refit_steps.py" />
      <source>Hot air for glue only until it is hand-warm: the cells are behind it.</source>
      <translation>Heißluft nur für Kleber, bis er handwarm ist: dahinter sind die Zellen.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/refit_steps.py" />
      <source>It does what it did</source>
      <translation>Es tut, was es tat</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/refit_steps.py" />
      <source>Keys line up</source>
      <translation>Nasen passen</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/refit_steps.py" />
      <source>Label and last look</source>
      <translation>Beschriften und letzter Blick</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/refit_steps.py" />
      <source>Leads and board whole</source>
      <translation>Leitungen und Platine ganz</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/refit_steps.py" />
      <source>Lid on without pressing on cells or wires; a lid that springs has a wire under it.</source>
      <translation>Deckel zu, ohne auf Zellen oder Leitungen zu drücken; unter einem federnden Deckel liegt eine Leitung.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/refit_steps.py" />
      <source>Lift the tabs off the old cells</source>
      <translation>Die Fahnen von den alten Zellen lösen</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/refit_steps.py" />
      <source>Measure all %1 new cells, mark plus</source>
      <translation>Alle %1 neuen Zellen messen, Plus kennzeichnen</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/refit_steps.py" />
      <source>Measure its thickness.</source>
      <translation>Ihre Dicke messen.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/refit_steps.py" />
      <source>Measure the new cell, mark plus</source>
      <translation>Die neue Zelle messen, Plus kennzeichnen</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/refit_steps.py" />
      <source>New cells</source>
      <translation>Neue Zellen</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/refit_steps.py" />
      <source>New cells, capacity, voltage, date and who did it, on the case; old cells to the collection point, ends taped.</source>
      <translation>Neue Zellen, Kapazität, Spannung, Datum und wer es tat, auf das Gehäuse; alte Zellen zur Sammelstelle, Enden abgeklebt.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/refit_steps.py" />
      <source>No bare metal that was covered before</source>
      <translation>Kein blankes Metall, das vorher bedeckt war</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/refit_steps.py" />
      <source>No can cut</source>
      <translation>Kein Becher angeschnitten</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/refit_steps.py" />
      <source>No loose metal</source>
      <translation>Kein loses Metall</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/refit_steps.py" />
      <source>No place warmer than another</source>
      <translation>Keine Stelle wärmer als eine andere</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/refit_steps.py" />
      <source>No wire torn</source>
      <translation>Keine Leitung gerissen</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/refit_steps.py" />
      <source>Not thinned, not cracked</source>
      <translation>Nicht gedünnt, nicht gerissen</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/refit_steps.py" />
      <source>Nothing rattles, nothing is squeezed</source>
      <translation>Nichts klappert, nichts ist gequetscht</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/refit_steps.py" />
      <source>Nothing stands out that did not</source>
      <translation>Nichts steht vor, was nicht vorstand</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/refit_steps.py" />
      <source>Nothing wet, rusty or swollen; if so, it stops here</source>
      <translation>Nichts nass, rostig oder gebläht; sonst ist hier Schluss</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/refit_steps.py" />
      <source>Nuggets and burrs off</source>
      <translation>Linsen und Grate ab</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/refit_steps.py" />
      <source>Old cells on their way to collection</source>
      <translation>Alte Zellen auf dem Weg zur Sammelstelle</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/refit_steps.py" />
      <source>Old cells' ends taped, set apart for disposal</source>
      <translation>Enden der alten Zellen abgeklebt, zur Entsorgung beiseite</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/refit_steps.py" />
      <source>One cell at a time, from the pole inwards.</source>
      <translation>Eine Zelle nach der anderen, vom Pol nach innen.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/refit_steps.py" />
      <source>One cell the wrong way is a dead short as soon as the strip touches.</source>
      <translation>Eine verkehrte Zelle ist ein satter Kurzschluss, sobald der Streifen berührt.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/refit_steps.py" />
      <source>One record each: every wire (colour, from, to, length, way), the board's slot, long and short side and keys of the frame, glue, foam, and each fault seen: rippled strip, browned wrap, rust, wire floating in its solder, cut insulation. Photograph again, open.</source>
      <translation>Je ein Eintrag: jede Leitung (Farbe, von, nach, Länge, Weg), der Platz der Platine, lange und kurze Seite und Nasen des Rahmens, Kleber, Schaum und jeder gesehene Fehler: gewellter Streifen, gebräunte Hülle, Rost, Leitung lose in ihrem Lot, eingeschnittene Isolierung. Offen noch einmal fotografieren.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/refit_steps.py" />
      <source>Open it; warm the glue, never force</source>
      <translation>Öffnen; den Kleber wärmen, nie mit Gewalt</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/refit_steps.py" />
      <source>Pads and foam back</source>
      <translation>Polster und Schaum wieder hinein</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/refit_steps.py" />
      <source>Pads and foam kept</source>
      <translation>Polster und Schaum aufgehoben</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/refit_steps.py" />
      <source>Pads back, no loose metal</source>
      <translation>Polster drin, kein loses Metall</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/refit_steps.py" />
      <source>Parts apart and covered</source>
      <translation>Teile getrennt und abgedeckt</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/refit_steps.py" />
      <source>Photograph every side, mark it</source>
      <translation>Jede Seite fotografieren und kennzeichnen</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/refit_steps.py" />
      <source>Plus of each part where drawn</source>
      <translation>Plus jedes Teils, wo gezeichnet</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/refit_steps.py" />
      <source>Polarity of every cell, voltage of every group</source>
      <translation>Polung jeder Zelle, Spannung jeder Gruppe</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/refit_steps.py" />
      <source>Read each part before the parts are joined</source>
      <translation>Jeden Teil messen, bevor die Teile verbunden werden</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/refit_steps.py" />
      <source>Reading at its contacts, then in the host: every function once, then a minute at full load; feel the pack.%1</source>
      <translation>Ablesung an seinen Kontakten, dann im Gerät: jede Funktion einmal, dann eine Minute unter voller Last; den Pack fühlen.%1</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/refit_steps.py" />
      <source>Reclaimed: capacity, resistance and a week's rest of each are known, and like goes with like.</source>
      <translation>Wiedergewonnen: Kapazität, Widerstand und eine Woche Ruhe jeder sind bekannt, und Gleiches kommt zu Gleichem.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/refit_steps.py" />
      <source>Record everything before it moves</source>
      <translation>Alles festhalten, bevor es sich bewegt</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/refit_steps.py" />
      <source>Red on the end that should be plus, %1. Write + and − beside each on the bench and in the photo, and read each group. A dead cell tells its polarity by the shape of its end and by its neighbours only: say so in the record.</source>
      <translation>Rot auf das Ende, das Plus sein soll, %1. + und − daneben auf die Werkbank und ins Foto schreiben, und jede Gruppe messen. Eine tote Zelle verrät ihre Polung nur durch die Form ihres Endes und durch ihre Nachbarn: das in die Aufzeichnung schreiben.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/refit_steps.py" />
      <source>Roll each tab off with pliers, or snip it; keep one of each as a pattern.</source>
      <translation>Jede Fahne mit der Zange abrollen oder abknipsen; von jeder eine als Muster behalten.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/refit_steps.py" />
      <source>Screws first: type, count and where each is kept. Glue gives way to warm air; a lid that is prised tears the wires behind it.</source>
      <translation>Zuerst Schrauben: Art, Zahl und wo jede aufbewahrt wird. Kleber gibt bei warmer Luft nach; ein gehebelter Deckel reißt die Leitungen dahinter.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/refit_steps.py" />
      <source>Separate the %1 parts first</source>
      <translation>Zuerst die %1 Teile trennen</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/refit_steps.py" />
      <source>Set the cells %1, directions checked twice</source>
      <translation>Die Zellen setzen: %1, Richtungen zweimal geprüft</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/refit_steps.py" />
      <source>Sides and keys of the frame recorded</source>
      <translation>Seiten und Nasen des Rahmens festgehalten</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/refit_steps.py" />
      <source>Take out</source>
      <translation>Herausnehmen</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/refit_steps.py" />
      <source>The can is negative right up to the rim: a blade or a tab that slips there shorts the cell.</source>
      <translation>Der Becher ist Minus bis an den Rand: eine Klinge oder Fahne, die dort abrutscht, schließt die Zelle kurz.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/refit_steps.py" />
      <source>The joint between the parts first: then the fewest live contacts are together. Read each part alone.</source>
      <translation>Zuerst die Verbindung zwischen den Teilen: dann sind am wenigsten Kontakte unter Spannung beisammen. Jeden Teil allein messen.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/refit_steps.py" />
      <source>Through the flap of its tap point. %1</source>
      <translation>Durch die Klappe an seinem Abgriff. %1</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/refit_steps.py" />
      <source>Unplugged from host and charger</source>
      <translation>Von Gerät und Ladegerät abgesteckt</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/refit_steps.py" />
      <source>Voltage of every %1, every wrap and both ends looked at, a + on each sleeve. Length over everything and diameter of the largest.%2</source>
      <translation>Spannung jeder: %1, jede Hülle und beide Enden angesehen, ein + auf jeden Schlauch. Länge über alles und Durchmesser der größten.%2</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/refit_steps.py" />
      <source>Wires in their loops</source>
      <translation>Leitungen in ihren Schlaufen</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/refit_steps.py" />
      <source>Wires out of their loops, pads and foam peeled and kept in order, board out of its slot on its wires.</source>
      <translation>Leitungen aus ihren Schlaufen, Polster und Schaum abgezogen und geordnet aufgehoben, Platine an ihren Leitungen aus dem Platz.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/refit_steps.py" />
      <source>about %1 each, within %2</source>
      <translation>je etwa %1, innerhalb von %2</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/refit_steps.py" />
      <source>as they stood</source>
      <translation>wie sie standen</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/refit_steps.py" />
      <source>group %1</source>
      <translation>Gruppe %1</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/refit_steps.py" />
      <source>groups %1 to %2</source>
      <translation>Gruppen %1 bis %2</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/refit_steps.py" />
      <source>in the frame</source>
      <translation>in den Rahmen</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/refit_steps.py" />
      <source>top</source>
      <translation>oben</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/reminders.py" />
      <source>%1 of it want their second reading at rest.</source>
      <translation>%1 davon brauchen ihre zweite Ablesung in Ruhe.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/reminders.py" />
      <source>%1 of it wants its second reading at rest.</source>
      <translation>%1 davon braucht ihre zweite Ablesung in Ruhe.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/reminders.py" />
      <source>Check the %1 against something known.</source>
      <translation>%1 an etwas Bekanntem prüfen.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/reminders.py" />
      <source>If it lies unused: measure it, and charge it up to half.</source>
      <translation>Liegt er unbenutzt: messen und auf halb laden.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/reminders.py" />
      <source>If it lies unused: measure it; nickel that was empty wants a slow full charge.</source>
      <translation>Liegt er unbenutzt: messen; leer gewordenes Nickel will eine langsame volle Ladung.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/reminders.py" />
      <source>Look through the jacket for rust, bubbles and damp; put what is seen into the job.</source>
      <translation>Durch den Mantel nach Rost, Blasen und Feuchte sehen; das Gesehene in den Auftrag eintragen.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/reminders.py" />
      <source>Test its capacity again, and measure every group.</source>
      <translation>Seine Kapazität neu prüfen und jede Gruppe messen.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/reminders.py" />
      <source>The %1 was not right when it was checked: mend it or put it away.</source>
      <translation>%1 war bei der Prüfung nicht richtig: in Ordnung bringen oder wegräumen.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/reminders.py" />
      <source>cells without a drawer</source>
      <translation>Zellen ohne Schublade</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/reminders.py" />
      <source>drawer %1</source>
      <translation>Schublade %1</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/reminders.py" />
      <source>overdue by %1</source>
      <translation>überfällig seit %1</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/shopping.py" />
      <source>, %1 in the money of the shop</source>
      <translation>, %1 in der Währung der Werkstatt</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/shopping.py" />
      <source>; %1 without a price.</source>
      <translation>; %1 ohne Preis.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/shopping.py" />
      <source>From %1: %2; %3 left</source>
      <translation>Aus %1: %2; %3 übrig</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/shopping.py" />
      <source>Its leads ask for an iron of %1 W; the shop's strongest has %2 W.</source>
      <translation>Seine Leitungen verlangen einen Lötkolben von %1 W; der stärkste der Werkstatt hat %2 W.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/shopping.py" />
      <source>Nothing must be bought: all of it is there.</source>
      <translation>Nichts muss gekauft werden: alles ist da.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/shopping.py" />
      <source>To be bought for it: %1%2 (Workshop, Shopping list).</source>
      <translation>Dafür zu kaufen: %1%2 (Werkstatt, Einkaufsliste).</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/shopping.py" />
      <source>no supplier told</source>
      <translation>kein Lieferant genannt</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/shopping.py" />
      <source>the %1 m %2</source>
      <translation>%1 m %2</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/shopping.py" />
      <source>the %1 m bought</source>
      <translation>den gekauften %1 m</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/tray.py" />
      <source>%1 Entered as right, because: %2</source>
      <translation>%1 Als richtig eingetragen, weil: %2</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/tray.py" />
      <source>%1 Find out what the host stands, or enter why it is right; it is recorded.</source>
      <translation>%1 Herausfinden, was das Gerät verträgt, oder eintragen, warum es richtig ist; es wird aufgezeichnet.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/tray.py" />
      <source>%1, %2 each. Sleeves on both, for the plug (%3) and for the contacts.</source>
      <translation>%1, je %2. Schläuche auf beide, für den Stecker (%3) und für die Kontakte.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/tray.py" />
      <source>%1, red on the contact marked +</source>
      <translation>%1, Rot auf dem Kontakt +</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/tray.py" />
      <source>A block of %1, wood or card, with the plug and a turn of wire: it goes in and out without force, and the lid closes.</source>
      <translation>Ein Klotz von %1, Holz oder Karton, mit dem Stecker und einer Windung Leitung: geht ohne Kraft hinein und heraus, und der Deckel schließt.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/tray.py" />
      <source>A higher voltage than the host had, entered as right: %1</source>
      <translation>Eine höhere Spannung als vorher im Gerät, als richtig eingetragen: %1</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/tray.py" />
      <source>A host made for throw-away cells runs them until they are flat; lithium cells do not come back from that.</source>
      <translation>Ein Gerät für Wegwerfzellen leert sie ganz; Lithiumzellen kommen davon nicht zurück.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/tray.py" />
      <source>A motor or a lamp made for the old cells takes a higher voltage as more current, heat and wear, or not at all.</source>
      <translation>Motor oder Lampe für die alten Zellen nehmen eine höhere Spannung als mehr Strom, Hitze und Verschleiß hin, oder gar nicht.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/tray.py" />
      <source>A pull on the plug moves no joint</source>
      <translation>Ein Zug am Stecker bewegt keine Verbindung</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/tray.py" />
      <source>A sprung contact made for small cells glows at the current of a larger pack.</source>
      <translation>Ein Federkontakt für kleine Zellen glüht beim Strom eines größeren Packs.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/tray.py" />
      <source>All %1 cells out. Plus and minus written beside the two contacts that lead on into the host.</source>
      <translation>Alle %1 Zellen heraus. Plus und Minus neben die beiden Kontakte geschrieben, die ins Gerät weiterführen.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/tray.py" />
      <source>At %1 the old cells gave %2, the pack gives %3: about %4 %5.</source>
      <translation>Bei %1 gaben die alten Zellen %2, der Pack gibt %3: etwa %4 %5.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/tray.py" />
      <source>Both contacts marked</source>
      <translation>Beide Kontakte gekennzeichnet</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/tray.py" />
      <source>Cells out</source>
      <translation>Zellen heraus</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/tray.py" />
      <source>Cells out, mark the two contacts that stay</source>
      <translation>Zellen heraus, die beiden bleibenden Kontakte kennzeichnen</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/tray.py" />
      <source>Clean %1 bright, hook the wire through or round it, tin and solder: hot and short. Plastic that softens lets the contact lean; hold it with pliers until it is cold.</source>
      <translation>%1 blank putzen, die Leitung hindurch- oder herumhaken, verzinnen und löten: heiß und kurz. Weich werdender Kunststoff lässt den Kontakt kippen; mit der Zange halten, bis er kalt ist.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/tray.py" />
      <source>Contact %1: hook, tin, solder, quickly</source>
      <translation>Kontakt %1: haken, verzinnen, löten, schnell</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/tray.py" />
      <source>Contacts and plug no warmer than the hand bears</source>
      <translation>Kontakte und Stecker nicht wärmer, als die Hand verträgt</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/tray.py" />
      <source>Continuity: plus to plus, none across</source>
      <translation>Durchgang: Plus an Plus, nichts quer</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/tray.py" />
      <source>Dummy in and out without force</source>
      <translation>Dummy ohne Kraft hinein und heraus</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/tray.py" />
      <source>Each contact's sign recorded</source>
      <translation>Zeichen jedes Kontakts festgehalten</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/tray.py" />
      <source>Edges deburred</source>
      <translation>Kanten entgratet</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/tray.py" />
      <source>From the plug's + to the contact marked +, minus to minus; none across, the host switched off.</source>
      <translation>Vom + des Steckers zum Kontakt +, Minus zu Minus; nichts quer, das Gerät ausgeschaltet.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/tray.py" />
      <source>Full, the pack has %1; %2 fresh cells had %3: %4 over.</source>
      <translation>Voll hat der Pack %1; %2 frische Zellen hatten %3: %4 darüber.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/tray.py" />
      <source>Full, the pack has %1; the host stands %2.</source>
      <translation>Voll hat der Pack %1; das Gerät verträgt %2.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/tray.py" />
      <source>Goggles; a mask for the dust.</source>
      <translation>Schutzbrille; eine Maske gegen den Staub.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/tray.py" />
      <source>Host's half of the plug, %1</source>
      <translation>Gerätehälfte des Steckers, %1</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/tray.py" />
      <source>Leads</source>
      <translation>Leitungen</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/tray.py" />
      <source>Leads rather long than short, sleeves on them now</source>
      <translation>Leitungen lieber lang als kurz, Schläuche jetzt darauf</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/tray.py" />
      <source>Lid closes</source>
      <translation>Deckel schließt</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/tray.py" />
      <source>Lid closes, no wire pinched</source>
      <translation>Deckel schließt, keine Leitung geklemmt</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/tray.py" />
      <source>Lid on, a short burst, feel the contacts</source>
      <translation>Deckel zu, ein kurzer Lauf, Kontakte fühlen</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/tray.py" />
      <source>Live now: a probe that slips shorts the pack.</source>
      <translation>Jetzt unter Spannung: eine Messspitze, die abrutscht, schließt den Pack kurz.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/tray.py" />
      <source>Mark the host's charger: not for this pack. %1</source>
      <translation>Das Ladegerät des Geräts kennzeichnen: nicht für diesen Pack. %1</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/tray.py" />
      <source>Never the pack itself as the mate.</source>
      <translation>Nie den Pack selbst als Gegenstück.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/tray.py" />
      <source>Never try with the pack: a corner of the tray cuts its wrap.</source>
      <translation>Nie mit dem Pack probieren: eine Ecke der Wanne schneidet seine Hülle auf.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/tray.py" />
      <source>No bare metal but the contacts' faces</source>
      <translation>Kein blankes Metall außer den Flächen der Kontakte</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/tray.py" />
      <source>No dust in the host</source>
      <translation>Kein Staub im Gerät</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/tray.py" />
      <source>No edge or screw towards it</source>
      <translation>Keine Kante oder Schraube darauf zu</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/tray.py" />
      <source>No metal dust in the host: cover its openings.</source>
      <translation>Kein Metallstaub ins Gerät: seine Öffnungen abdecken.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/tray.py" />
      <source>None across</source>
      <translation>Nichts quer</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/tray.py" />
      <source>Nothing stops it when it is empty: the pack has no board, and a host for %1 cells knows no %2. A pack with a board.</source>
      <translation>Nichts beendet es, wenn er leer ist: der Pack hat keine Platine, und ein Gerät für %1 Zellen kennt kein %2. Einen Pack mit Platine nehmen.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/tray.py" />
      <source>Ohm's law, old cells and new pack at the steady current</source>
      <translation>Ohmsches Gesetz, alte Zellen und neuer Pack beim Dauerstrom</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/tray.py" />
      <source>Only the two contacts left</source>
      <translation>Nur die beiden Kontakte übrig</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/tray.py" />
      <source>Other contacts, bridges and springs out; ribs cut that stand in the way, never a wall that holds a screw.</source>
      <translation>Andere Kontakte, Brücken und Federn heraus; im Weg stehende Rippen weg, nie eine Wand, die eine Schraube hält.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/tray.py" />
      <source>Out at once if it races, smells or warms.</source>
      <translation>Sofort heraus, wenn es durchgeht, riecht oder warm wird.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/tray.py" />
      <source>Pack, plug and %1 of coiled wire take %2 ml; the room has %3 ml.</source>
      <translation>Pack, Stecker und %1 gerollte Leitung brauchen %2 ml; der Raum hat %3 ml.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/tray.py" />
      <source>People judge by speed: what sagged before no longer does.</source>
      <translation>Man urteilt nach der Drehzahl: was früher nachließ, tut es nicht mehr.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/tray.py" />
      <source>Photograph the empty tray. The sign moulded at each contact, and then proof: a set of cells in, meter on the two contacts that lead on into the host. Signs in old trays are worn, and springs are not always minus.</source>
      <translation>Die leere Wanne fotografieren. Das eingeprägte Zeichen an jedem Kontakt, und dann der Beweis: einen Satz Zellen hinein, Messgerät an die beiden Kontakte, die ins Gerät führen. Zeichen in alten Wannen sind abgegriffen, und Federn sind nicht immer Minus.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/tray.py" />
      <source>Plus to plus</source>
      <translation>Plus an Plus</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/tray.py" />
      <source>Plus to plus by the mark made before, not by the spring.</source>
      <translation>Plus an Plus nach dem Zeichen von vorher, nicht nach der Feder.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/tray.py" />
      <source>Polarity of every contact, on record</source>
      <translation>Polung jedes Kontakts, in der Aufzeichnung</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/tray.py" />
      <source>Polarity with the pack in and the tray out</source>
      <translation>Polung mit dem Pack drin und der Wanne draußen</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/tray.py" />
      <source>Room</source>
      <translation>Raum</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/tray.py" />
      <source>Room in the tray</source>
      <translation>Raum in der Wanne</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/tray.py" />
      <source>Runs as it did, not racing</source>
      <translation>Läuft wie vorher, geht nicht durch</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/tray.py" />
      <source>Shrink; glue for the pull</source>
      <translation>Schrumpfen; Kleber gegen Zug</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/tray.py" />
      <source>Sleeves for the contacts on</source>
      <translation>Schläuche für die Kontakte darauf</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/tray.py" />
      <source>Sleeves for the plug on</source>
      <translation>Schläuche für den Stecker darauf</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/tray.py" />
      <source>Sleeves over both contacts' joints. Hot glue holds the wire against a pull; it is no insulation.</source>
      <translation>Schläuche über beide Lötstellen der Kontakte. Heißkleber hält die Leitung gegen Zug; eine Isolierung ist er nicht.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/tray.py" />
      <source>The compartment from above, to scale: pack, plug, coiled wire, the two contacts that stay.</source>
      <translation>Das Fach von oben, maßstäblich: Pack, Stecker, gerollte Leitung, die beiden bleibenden Kontakte.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/tray.py" />
      <source>The half that mates with %1 on the pack, contact marked %2. %3 Strip %4, %5 W iron, about %6 s.</source>
      <translation>Die Hälfte, die zu %1 am Pack passt, Kontakt %2. %3 %4 abisolieren, %5 W Lötkolben, etwa %6 s.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/tray.py" />
      <source>The host's contacts carry %1; %2 flow.</source>
      <translation>Die Kontakte des Geräts tragen %1; %2 fließen.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/tray.py" />
      <source>The leads below are the host's, from the pack's plug to the two contacts that stay.</source>
      <translation>Die Leitungen unten sind die des Geräts, vom Stecker des Packs zu den beiden bleibenden Kontakten.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/tray.py" />
      <source>The new pack stays away until the end; its plug is live.</source>
      <translation>Der neue Pack bleibt bis zum Ende weg; sein Stecker steht unter Spannung.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/tray.py" />
      <source>The pack's %1 does not go into the room's %2.</source>
      <translation>%1 des Packs geht nicht in %2 des Raums.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/tray.py" />
      <source>The rest out, ribs cut</source>
      <translation>Den Rest heraus, Rippen weg</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/tray.py" />
      <source>The room in the tray is not measured: length, width, height.</source>
      <translation>Der Raum in der Wanne ist nicht gemessen: Länge, Breite, Höhe.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/tray.py" />
      <source>The two that lead on found by meter</source>
      <translation>Die beiden weiterführenden mit dem Messgerät gefunden</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/tray.py" />
      <source>Tray out of the host, or its leads off: pack plugged in, red on the contact marked +, black on −.</source>
      <translation>Wanne aus dem Gerät oder seine Leitungen ab: Pack angesteckt, Rot auf den Kontakt +, Schwarz auf −.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/tray.py" />
      <source>Tray photographed</source>
      <translation>Wanne fotografiert</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/tray.py" />
      <source>Try it with a dummy</source>
      <translation>Mit einem Dummy probieren</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/tray.py" />
      <source>Two seconds first, then ten; wires clear of what turns. Feel both contacts and the plug.%1</source>
      <translation>Zuerst zwei Sekunden, dann zehn; Leitungen frei von allem, was dreht. Beide Kontakte und den Stecker fühlen.%1</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/tray.py" />
      <source>What is pressed in is worn through by the tray's edges.</source>
      <translation>Was hineingepresst ist, scheuern die Kanten der Wanne durch.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/tray.py" />
      <source>What the host took</source>
      <translation>Was das Gerät nahm</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/tray.py" />
      <source>What the host's contacts carry is not known; %1 will flow: solder to them, do not press, and feel them.</source>
      <translation>Was die Kontakte des Geräts tragen, ist nicht bekannt; %1 werden fließen: daran löten, nicht andrücken, und sie fühlen.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/tray.py" />
      <source>class value, or what is entered of the host</source>
      <translation>Klassenwert, oder was vom Gerät eingetragen ist</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/tray.py" />
      <source>full %1, before %2; under load %3, before %4</source>
      <translation>voll %1, vorher %2; unter Last %3, vorher %4</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/tray.py" />
      <source>full voltage of both;</source>
      <translation>volle Spannung beider;</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/tray.py" />
      <source>pack, plug and wire take %1 ml; room %2</source>
      <translation>Pack, Stecker und Leitung brauchen %1 ml; Raum %2</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/tray.py" />
      <source>sizes as measured</source>
      <translation>Größen wie gemessen</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/tray.py" />
      <source>solder through the hook, contact straight, tug holds</source>
      <translation>Lot durch den Haken, Kontakt gerade, hält dem Zug stand</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/tray.py" />
      <source>the adapter's ends</source>
      <translation>die Enden des Adapters</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/tray.py" />
      <source>the contact that stays</source>
      <translation>der bleibende Kontakt</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/tray.py" />
      <source>wire bottomed in the cup, tug holds, sleeve over all bare metal</source>
      <translation>Leitung sitzt im Kelch auf, hält dem Zug stand, Schlauch über allem blanken Metall</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/wet_jacket.py" />
      <source>%1 (at least %2 flat), cut %3</source>
      <translation>%1 (mindestens %2 flach), auf %3 geschnitten</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/wet_jacket.py" />
      <source>%1 Enter why, if you do it all the same; it is recorded.</source>
      <translation>%1 Eintragen, warum, wenn es trotzdem sein soll; es wird aufgezeichnet.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/wet_jacket.py" />
      <source>%1 Jacketed all the same, because: %2</source>
      <translation>%1 Trotzdem im Mantel, weil: %2</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/wet_jacket.py" />
      <source>%1 belongs in a watertight enclosure with a way out for gas, not in a tight jacket.</source>
      <translation>%1 gehört in ein wasserdichtes Gehäuse mit einem Weg für Gas, nicht in einen engen Mantel.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/wet_jacket.py" />
      <source>%1 does not slide on and go tight</source>
      <translation>%1 geht nicht darüber und wird nicht eng</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/wet_jacket.py" />
      <source>%1 m of bead, %2 ml with waste</source>
      <translation>%1 m Raupe, %2 ml mit Verlust</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/wet_jacket.py" />
      <source>%1 round, %2 flat at least</source>
      <translation>%1 rundum, mindestens %2 flach</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/wet_jacket.py" />
      <source>%1 × %2, %3; drawn at 1:1 in menu Job</source>
      <translation>%1 × %2, %3; 1:1 gezeichnet im Menü Auftrag</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/wet_jacket.py" />
      <source>%1, with %2 N; up to %3 ml of air inside</source>
      <translation>%1, mit %2 N; bis zu %3 ml Luft darin</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/wet_jacket.py" />
      <source>%1; the pack is %2.</source>
      <translation>%1; der Pack ist %2.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/wet_jacket.py" />
      <source>A bridge of a few tenths breaks out, and two wires share one bead.</source>
      <translation>Ein Steg von einigen Zehnteln bricht aus, und zwei Leitungen teilen sich eine Raupe.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/wet_jacket.py" />
      <source>A cell that swells or vents in a tight jacket has nowhere to go, and a fault inside is seen too late.</source>
      <translation>Eine Zelle, die in einem engen Mantel bläht oder abbläst, kann nirgends hin, und ein Fehler innen wird zu spät gesehen.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/wet_jacket.py" />
      <source>A notch %1 deep goes past the middle of a plate %2 high.</source>
      <translation>Eine %1 tiefe Kerbe geht über die Mitte einer %2 hohen Platte hinaus.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/wet_jacket.py" />
      <source>A sealed block keeps water out by itself; a jacket keeps its gas in.</source>
      <translation>Ein verschlossener Block hält Wasser selbst ab; ein Mantel hält sein Gas darin.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/wet_jacket.py" />
      <source>A sealed lead block gets no jacket: cover its terminals, and leave its vents free.</source>
      <translation>Ein verschlossener Bleiblock bekommt keinen Mantel: seine Pole abdecken und seine Ventile frei lassen.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/wet_jacket.py" />
      <source>A sleeve that does not go tight does not lock the plates, and water finds the gap.</source>
      <translation>Ein Schlauch, der nicht eng wird, hält die Platten nicht fest, und Wasser findet den Spalt.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/wet_jacket.py" />
      <source>Finished, mm</source>
      <translation>Fertig, mm</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/wet_jacket.py" />
      <source>In water</source>
      <translation>Im Wasser</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/wet_jacket.py" />
      <source>Jacket against water</source>
      <translation>Mantel gegen Wasser</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/wet_jacket.py" />
      <source>Lithium, jacketed on the builder's own decision: %1</source>
      <translation>Lithium, auf eigene Entscheidung des Erbauers im Mantel: %1</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/wet_jacket.py" />
      <source>Look through the wall for rust or damp every %1 weeks; with either, out of use.</source>
      <translation>Alle %1 Wochen durch die Wand nach Rost oder Feuchte sehen; bei einem von beiden außer Gebrauch.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/wet_jacket.py" />
      <source>Never charged closed: out of the water, one end open, in the open air.</source>
      <translation>Nie geschlossen geladen: aus dem Wasser, ein Ende offen, im Freien.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/wet_jacket.py" />
      <source>Nickel cells give hydrogen when they are full, and a jacket is tight.</source>
      <translation>Nickelzellen geben voll Wasserstoff ab, und ein Mantel ist dicht.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/wet_jacket.py" />
      <source>No sleeve is chosen</source>
      <translation>Kein Schlauch ist gewählt</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/wet_jacket.py" />
      <source>Plates</source>
      <translation>Platten</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/wet_jacket.py" />
      <source>Pouch cells get no jacket: they swell. A watertight enclosure with room round them.</source>
      <translation>Pouchzellen bekommen keinen Mantel: sie blähen. Ein wasserdichtes Gehäuse mit Raum ringsum.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/wet_jacket.py" />
      <source>Sealant</source>
      <translation>Dichtmasse</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/wet_jacket.py" />
      <source>Sealed all round it must never be charged closed: out of the water, one end open. A membrane vent is the other school.</source>
      <translation>Rundum dicht darf er nie geschlossen geladen werden: aus dem Wasser, ein Ende offen. Eine Membran zur Entlüftung ist die andere Schule.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/wet_jacket.py" />
      <source>The enclosure instead of a jacket is chosen: this plan is for a jacket.</source>
      <translation>Das Gehäuse statt eines Mantels ist gewählt: dieser Plan ist für einen Mantel.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/wet_jacket.py" />
      <source>The notches come within %1 of each other; 1 mm of plate between them at least: lead wires out at both ends, or bundle thin ones.</source>
      <translation>Die Kerben kommen einander auf %1 nahe; mindestens 1 mm Platte dazwischen: Leitungen an beiden Enden herausführen, oder dünne bündeln.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/wet_jacket.py" />
      <source>The pack in its jacket, cut along its length, and the end plate that the wires leave through.</source>
      <translation>Der Pack in seinem Mantel, längs geschnitten, und die Endplatte, durch die die Leitungen gehen.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/wet_jacket.py" />
      <source>The vent in its end plate stays clear and out of the water while it charges.</source>
      <translation>Die Entlüftung in der Endplatte bleibt frei und beim Laden aus dem Wasser.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/wet_jacket.py" />
      <source>What is in the pack is not known; it counts as lithium, which</source>
      <translation>Was im Pack ist, ist nicht bekannt; er gilt als Lithium, das</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/wet_jacket.py" />
      <source>end plate %1</source>
      <translation>Endplatte %1</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/wet_jacket.py" />
      <source>half the circumference against the stock of the part library</source>
      <translation>halber Umfang gegen den Bestand der Teilesammlung</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/wet_jacket.py" />
      <source>notches side by side on the plate's edge</source>
      <translation>Kerben nebeneinander am Rand der Platte</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/wet_jacket.py" />
      <source>sealant, %1 ml in all</source>
      <translation>Dichtmasse, %1 ml insgesamt</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/wet_jacket.py" />
      <source>sinks</source>
      <translation>sinkt</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/wet_jacket_steps.py" />
      <source>%1, red on plus; insulation more than %2 MΩ</source>
      <translation>%1, Rot auf Plus; Isolierung über %2 MΩ</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/wet_jacket_steps.py" />
      <source>%1Look through the wall for rust or damp every %2 weeks at first, and after each season.</source>
      <translation>%1Anfangs alle %2 Wochen und nach jeder Saison durch die Wand nach Rost oder Feuchte sehen.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/wet_jacket_steps.py" />
      <source>Always live: never both ends uncovered.</source>
      <translation>Immer unter Spannung: nie beide Enden unbedeckt.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/wet_jacket_steps.py" />
      <source>Bubbles that rise, or one gram more: out at once, and open it.</source>
      <translation>Aufsteigende Blasen oder ein Gramm mehr: sofort heraus und öffnen.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/wet_jacket_steps.py" />
      <source>Charge only out of the water, one end open or in the open air: hydrogen must get out.</source>
      <translation>Nur aus dem Wasser laden, ein Ende offen oder im Freien: Wasserstoff muss heraus.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/wet_jacket_steps.py" />
      <source>Clear sleeve, %1 flat at least, cut %2: what stands over is trimmed later.</source>
      <translation>Klarer Schlauch, mindestens %1 flach, auf %2 geschnitten: der Überstand wird später gekürzt.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/wet_jacket_steps.py" />
      <source>Connector capped and above the water. Weigh it dry; half an hour under a hand's breadth of water with a pinch of salt, insulation from each pole to the water; wipe it dry and weigh again.</source>
      <translation>Stecker verschlossen und über dem Wasser. Trocken wiegen; eine halbe Stunde eine Handbreit unter Wasser mit einer Prise Salz, Isolierung von jedem Pol zum Wasser; trocken wischen und wieder wiegen.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/wet_jacket_steps.py" />
      <source>Cured through: a bead laid beside it is hard inside</source>
      <translation>Durchgehärtet: eine daneben gelegte Raupe ist innen hart</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/wet_jacket_steps.py" />
      <source>Cut the sleeve, longer than it stays</source>
      <translation>Den Schlauch schneiden, länger als er bleibt</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/wet_jacket_steps.py" />
      <source>Dip it: weighed before and after, insulation in the water</source>
      <translation>Eintauchen: vorher und nachher gewogen, Isolierung im Wasser</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/wet_jacket_steps.py" />
      <source>Each lead's end covered</source>
      <translation>Ende jeder Leitung abgedeckt</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/wet_jacket_steps.py" />
      <source>Each wire has sealant all round</source>
      <translation>Um jede Leitung rundum Dichtmasse</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/wet_jacket_steps.py" />
      <source>Each wire in its own notch</source>
      <translation>Jede Leitung in ihrer eigenen Kerbe</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/wet_jacket_steps.py" />
      <source>End plates and their notches, dry fit</source>
      <translation>Endplatten und ihre Kerben, trocken angepasst</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/wet_jacket_steps.py" />
      <source>From the middle outwards, moving, low heat, the pack turned all the while. Then trim the ends to the lip: %1 past each plate.</source>
      <translation>Von der Mitte nach außen, in Bewegung, wenig Hitze, den Pack dabei immer drehen. Dann die Enden bis zur Lippe kürzen: %1 über jede Platte.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/wet_jacket_steps.py" />
      <source>Jacket</source>
      <translation>Mantel</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/wet_jacket_steps.py" />
      <source>Length by the list</source>
      <translation>Länge nach der Liste</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/wet_jacket_steps.py" />
      <source>Let it cure %1 h</source>
      <translation>%1 h härten lassen</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/wet_jacket_steps.py" />
      <source>Lips even</source>
      <translation>Lippen gleichmäßig</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/wet_jacket_steps.py" />
      <source>Look through the clear wall</source>
      <translation>Durch die klare Wand sehen</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/wet_jacket_steps.py" />
      <source>Lying so that nothing runs, in a dry room; not on a charger, not in use.</source>
      <translation>So liegend, dass nichts läuft, in einem trockenen Raum; nicht am Ladegerät, nicht in Gebrauch.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/wet_jacket_steps.py" />
      <source>Mark it, and when to look again</source>
      <translation>Beschriften, und wann wieder nachzusehen ist</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/wet_jacket_steps.py" />
      <source>Marked: do not open, how to charge</source>
      <translation>Beschriftet: nicht öffnen, wie geladen wird</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/wet_jacket_steps.py" />
      <source>Membrane clear</source>
      <translation>Membran frei</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/wet_jacket_steps.py" />
      <source>Next look in %1 weeks noted</source>
      <translation>Nächster Blick in %1 Wochen notiert</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/wet_jacket_steps.py" />
      <source>No bubble across the bead</source>
      <translation>Keine Blase quer durch die Raupe</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/wet_jacket_steps.py" />
      <source>No channel from outside to inside</source>
      <translation>Kein Kanal von außen nach innen</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/wet_jacket_steps.py" />
      <source>No connector goes through a notch: it is fitted afterwards, and each lead's end stays covered till then.</source>
      <translation>Kein Stecker geht durch eine Kerbe: er wird danach angebracht, und das Ende jeder Leitung bleibt bis dahin abgedeckt.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/wet_jacket_steps.py" />
      <source>No thread of air along a wire</source>
      <translation>Kein Luftfaden an einer Leitung entlang</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/wet_jacket_steps.py" />
      <source>One conductor at a time, the other covered; %1 A gland or lined sleeve where the wires enter it.</source>
      <translation>Ein Leiter nach dem anderen, der andere abgedeckt; %1 Eine Verschraubung oder ein Schlauch mit Kleber, wo die Leitungen hineingehen.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/wet_jacket_steps.py" />
      <source>Pack no more than hand-warm</source>
      <translation>Pack höchstens handwarm</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/wet_jacket_steps.py" />
      <source>Plates locked and square</source>
      <translation>Platten fest und rechtwinklig</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/wet_jacket_steps.py" />
      <source>Plates square, edges broken</source>
      <translation>Platten rechtwinklig, Kanten gebrochen</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/wet_jacket_steps.py" />
      <source>Read the connector</source>
      <translation>Am Stecker messen</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/wet_jacket_steps.py" />
      <source>Red into the contact marked +, black into −.</source>
      <translation>Rot in den Kontakt +, Schwarz in −.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/wet_jacket_steps.py" />
      <source>Rim and lip, the pack standing on its cured or held end.%1</source>
      <translation>Rand und Lippe, der Pack auf seinem ausgehärteten oder gehaltenen Ende stehend.%1</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/wet_jacket_steps.py" />
      <source>Rim filled to the lip</source>
      <translation>Rand bis zur Lippe gefüllt</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/wet_jacket_steps.py" />
      <source>Seal the other end</source>
      <translation>Das andere Ende dichten</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/wet_jacket_steps.py" />
      <source>Seal the wires' end</source>
      <translation>Das Leitungsende dichten</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/wet_jacket_steps.py" />
      <source>Sealant round the rim inside the lip and worked between and around each wire, on both sides of the plate where it can be reached; about %1 ml for both ends. No silicone that smells of vinegar: it eats copper.</source>
      <translation>Dichtmasse rundum am Rand innen in der Lippe und zwischen und um jede Leitung gearbeitet, auf beiden Seiten der Platte, wo man hinkommt; etwa %1 ml für beide Enden. Kein Silikon, das nach Essig riecht: es frisst Kupfer.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/wet_jacket_steps.py" />
      <source>Shrink it: flat and tight, the plates lock</source>
      <translation>Schrumpfen: glatt und eng, die Platten sitzen fest</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/wet_jacket_steps.py" />
      <source>Sleeve clear, no scratch, no pinhole against the light</source>
      <translation>Schlauch klar, kein Kratzer, kein Nadelloch gegen das Licht</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/wet_jacket_steps.py" />
      <source>Sleeve slides over plates and pack</source>
      <translation>Schlauch gleitet über Platten und Pack</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/wet_jacket_steps.py" />
      <source>Stop and let it cool when it is more than hand-warm: the heat is in the cells.</source>
      <translation>Aufhören und abkühlen lassen, wenn er mehr als handwarm ist: die Hitze ist in den Zellen.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/wet_jacket_steps.py" />
      <source>Stuck all round</source>
      <translation>Rundum verklebt</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/wet_jacket_steps.py" />
      <source>Stuck everywhere, no bubble that reaches across, no channel along a wire: with a lamp from the other end.</source>
      <translation>Überall verklebt, keine Blase, die hinüberreicht, kein Kanal an einer Leitung: mit einer Lampe vom anderen Ende.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/wet_jacket_steps.py" />
      <source>The leads are live: one end covered while the other is handled.</source>
      <translation>Die Leitungen stehen unter Spannung: ein Ende abgedeckt, während das andere bearbeitet wird.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/wet_jacket_steps.py" />
      <source>The vent's membrane stays clear of sealant.</source>
      <translation>Die Membran der Entlüftung bleibt frei von Dichtmasse.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/wet_jacket_steps.py" />
      <source>The watertight connector</source>
      <translation>Der wasserdichte Stecker</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/wet_jacket_steps.py" />
      <source>This cannot be undone: look again that nothing is left inside that belongs outside.</source>
      <translation>Das lässt sich nicht rückgängig machen: noch einmal sehen, dass nichts drin bleibt, was nach außen gehört.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/wet_jacket_steps.py" />
      <source>Tight all round, no wrinkle</source>
      <translation>Rundum eng, keine Falte</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/wet_jacket_steps.py" />
      <source>Two plates %1 × %2, %3 thick, from the drawing at 1:1; %4 in one of them, edges broken. Every wire in its own notch, nothing crossed; the plate stands square on the pack.</source>
      <translation>Zwei Platten %1 × %2, %3 dick, nach der Zeichnung 1:1; %4 in einer davon, Kanten gebrochen. Jede Leitung in ihrer eigenen Kerbe, nichts gekreuzt; die Platte steht rechtwinklig am Pack.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/wet_jacket_steps.py" />
      <source>Voltage and insulation, before it disappears</source>
      <translation>Spannung und Isolierung, bevor er verschwindet</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/wet_jacket_steps.py" />
      <source>Water creeps along strands inside a wire's insulation: no bare strand ends inside the jacket.</source>
      <translation>Wasser kriecht in der Isolierung einer Leitung die Litzen entlang: kein blankes Litzenende im Mantel.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/wet_jacket_steps.py" />
      <source>What is wrong inside now stays inside. Read the pack, and its insulation to foil laid round it; look at every wire's insulation up to the pack.</source>
      <translation>Was jetzt innen falsch ist, bleibt innen. Den Pack messen und seine Isolierung gegen herumgelegte Folie; die Isolierung jeder Leitung bis an den Pack ansehen.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/wet_jacket_steps.py" />
      <source>as before, %1</source>
      <translation>wie vorher, %1</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/wet_jacket_steps.py" />
      <source>jacket-reading</source>
      <translation>jacket-reading</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/wet_jacket_steps.py" />
      <source>no heavier, insulation to the water more than %1 MΩ</source>
      <translation>nicht schwerer, Isolierung zum Wasser über %1 MΩ</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/wet_jacket_steps.py" />
      <source>smooth joint, tug holds, sealed where the wire enters</source>
      <translation>glatte Lötstelle, hält dem Zug stand, dicht, wo die Leitung hineingeht</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/wiring_steps.py" />
      <source>%1 %2, a sheet under it, held so that it cannot slide: strip or pad edges that rub through are a short.</source>
      <translation>%1 %2, eine Folie darunter, so gehalten, dass sie nicht rutschen kann: Streifen- oder Padkanten, die durchscheuern, sind ein Kurzschluss.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/wiring_steps.py" />
      <source>%1 at the connector once both are on</source>
      <translation>%1 am Stecker, sobald beide an sind</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/wiring_steps.py" />
      <source>%1 lead</source>
      <translation>Leitung %1</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/wiring_steps.py" />
      <source>%1 of %2, cut on the nail board printed at 1:1 and numbered at both ends: %3. %4</source>
      <translation>%1 aus %2, auf dem 1:1 gedruckten Nagelbrett zugeschnitten und an beiden Enden nummeriert: %3. %4</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/wiring_steps.py" />
      <source>%1%2 Finish, sleeve and cover it before the other conductor is touched.</source>
      <translation>%1%2 Fertigstellen, Schlauch und Abdeckung darauf, bevor der andere Leiter berührt wird.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/wiring_steps.py" />
      <source>%1, each lead %2 mm, a lug for its conductor and stud. Sleeve on first; every strand in, seen in the witness hole; full crimp of that size; tug. Covers for both lugs by hand.%3</source>
      <translation>%1, jede Leitung %2 mm, ein Kabelschuh für ihren Leiter und Bolzen. Zuerst den Schlauch darauf; jede Litze drin, im Sichtloch zu sehen; volle Crimpung dieser Größe; ziehen. Abdeckungen für beide Kabelschuhe zur Hand.%3</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/wiring_steps.py" />
      <source>%1. %2 The free end of the next stays covered until its turn.</source>
      <translation>%1. %2 Das freie Ende der nächsten bleibt abgedeckt, bis sie an der Reihe ist.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/wiring_steps.py" />
      <source>%1. Made up off the pack like the first, sleeves on first; then one conductor at a time, the other covered.%2</source>
      <translation>%1. Abseits des Packs gefertigt wie der erste, zuerst die Schläuche darauf; dann ein Leiter nach dem anderen, der andere abgedeckt.%2</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/wiring_steps.py" />
      <source>Both leads of this pole: the second to %1.</source>
      <translation>Beide Leitungen dieses Pols: die zweite an %1.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/wiring_steps.py" />
      <source>Continuity from each end to its place</source>
      <translation>Durchgang von jedem Ende zu seinem Platz</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/wiring_steps.py" />
      <source>Crimp a ring lug for %1 on the %2, sleeve it, and set it under the screw of B%3%4.</source>
      <translation>Einen Ringkabelschuh für %1 an %2 crimpen, überziehen und setzen: unter die Schraube von B%3%4.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/wiring_steps.py" />
      <source>Crimp each contact and push it into its place until it latches; tug.</source>
      <translation>Jeden Kontakt crimpen und in seinen Platz drücken, bis er einrastet; ziehen.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/wiring_steps.py" />
      <source>Crimp the lugs on the leads</source>
      <translation>Die Kabelschuhe an die Leitungen crimpen</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/wiring_steps.py" />
      <source>Cut and number the sense leads, off the pack</source>
      <translation>Die Messleitungen schneiden und nummerieren, abseits des Packs</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/wiring_steps.py" />
      <source>Each goes where the wire list says, by what is printed</source>
      <translation>Jede geht dorthin, wo die Leitungsliste es sagt, nach dem Aufdruck</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/wiring_steps.py" />
      <source>Every board end covered</source>
      <translation>Jedes Platinenende abgedeckt</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/wiring_steps.py" />
      <source>Every wire numbered</source>
      <translation>Jede Leitung nummeriert</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/wiring_steps.py" />
      <source>Every wire numbered at both ends</source>
      <translation>Jede Leitung an beiden Enden nummeriert</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/wiring_steps.py" />
      <source>Fix the board</source>
      <translation>Die Platine befestigen</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/wiring_steps.py" />
      <source>Flat on the wrap of the cell the wire list names, under polyimide tape, not over a joint; the lead insulated to the board.</source>
      <translation>Flach auf die Hülle der Zelle, die die Leitungsliste nennt, unter Polyimidband, nicht über einer Verbindung; die Leitung isoliert bis zur Platine.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/wiring_steps.py" />
      <source>It cannot slide</source>
      <translation>Sie kann nicht rutschen</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/wiring_steps.py" />
      <source>Its board end stays covered: it goes to B%1 after the sense leads.</source>
      <translation>Ihr Platinenende bleibt abgedeckt: es kommt nach den Messleitungen an B%1.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/wiring_steps.py" />
      <source>Lay the thermistor%1</source>
      <translation>Den Temperaturfühler legen</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/wiring_steps.py" />
      <source>Leads of the %1</source>
      <translation>Leitungen: %1</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/wiring_steps.py" />
      <source>Main %1 lead</source>
      <translation>Hauptleitung %1</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/wiring_steps.py" />
      <source>Main %1: strip B%2 to the board's B%3</source>
      <translation>Hauptleitung %1: Streifen B%2 an B%3 der Platine</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/wiring_steps.py" />
      <source>Main leads are tied or glued to the pack behind their joints, so that a pull on the connector never reaches a joint.</source>
      <translation>Hauptleitungen werden hinter ihren Verbindungen am Pack festgebunden oder -geklebt, sodass ein Zug am Stecker nie eine Verbindung erreicht.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/wiring_steps.py" />
      <source>Make the sense harness, off the pack</source>
      <translation>Den Messkabelbaum anfertigen, abseits des Packs</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/wiring_steps.py" />
      <source>Make up the connector on the leads</source>
      <translation>Den Stecker an den Leitungen anfertigen</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/wiring_steps.py" />
      <source>No bare end</source>
      <translation>Kein blankes Ende</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/wiring_steps.py" />
      <source>No lead across an edge of strip</source>
      <translation>Keine Leitung über einer Streifenkante</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/wiring_steps.py" />
      <source>No part of it touches a strip or a can</source>
      <translation>Kein Teil davon berührt einen Streifen oder Becher</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/wiring_steps.py" />
      <source>No two places joined</source>
      <translation>Keine zwei Plätze verbunden</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/wiring_steps.py" />
      <source>Off the pack: crimped or soldered live, two leads that touch short a group.</source>
      <translation>Abseits des Packs: unter Spannung gecrimpt oder gelötet, schließen zwei Leitungen, die sich berühren, eine Gruppe kurz.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/wiring_steps.py" />
      <source>One conductor at a time; the other end is covered.</source>
      <translation>Ein Leiter nach dem anderen; das andere Ende ist abgedeckt.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/wiring_steps.py" />
      <source>Plus and minus by the signs moulded on the body, not by colour.</source>
      <translation>Plus und Minus nach den eingeprägten Zeichen am Gehäuse, nicht nach der Farbe.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/wiring_steps.py" />
      <source>Reads what the BMS stage says for this room</source>
      <translation>Zeigt, was der Abschnitt BMS für diesen Raum sagt</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/wiring_steps.py" />
      <source>Sense leads on the %1 face</source>
      <translation>Messleitungen auf der %1seite</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/wiring_steps.py" />
      <source>Set the ring of each under the head of its screw, on top of the bar, one at a time, from the lowest number up.</source>
      <translation>Den Ring jeder unter den Kopf ihrer Schraube setzen, oben auf die Schiene, eine nach der anderen, von der niedrigsten Nummer aufwärts.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/wiring_steps.py" />
      <source>Sheet under the whole board</source>
      <translation>Folie unter der ganzen Platine</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/wiring_steps.py" />
      <source>Solder each to its strip between the cells, never over a cell end, one at a time, from the lowest number up.</source>
      <translation>Jede an ihren Streifen zwischen den Zellen löten, nie über einem Zellende, eine nach der anderen, von der niedrigsten Nummer aufwärts.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/wiring_steps.py" />
      <source>Solder the %1 to %2.</source>
      <translation>%1 anlöten an %2.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/wiring_steps.py" />
      <source>Tape holds it flat on the wrap</source>
      <translation>Band hält ihn flach auf der Hülle</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/wiring_steps.py" />
      <source>The %1 goes into the plus lead, near where it begins.</source>
      <translation>%1 kommt in die Plusleitung, nahe ihrem Anfang.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/wiring_steps.py" />
      <source>The %1 goes into this lead first.</source>
      <translation>Zuerst kommt %1 in diese Leitung.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/wiring_steps.py" />
      <source>The board end of every lead stays covered: it is live as soon as the lead is joined.</source>
      <translation>Das Platinenende jeder Leitung bleibt abgedeckt: es steht unter Spannung, sobald die Leitung verbunden ist.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/wiring_steps.py" />
      <source>The connector's %1 lead is not joined here: it goes to the board's pad P%2. Past the board nothing would ever switch the pack off.</source>
      <translation>Die Leitung %1 des Steckers wird hier nicht verbunden: sie kommt an P%2 der Platine. An der Platine vorbei würde den Pack nie etwas abschalten.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/wiring_steps.py" />
      <source>The free end of its %1 lead goes to the board's pad P%2, the other to the collecting strip.</source>
      <translation>Das freie Ende seiner Leitung %1 kommt an P%2 der Platine, das andere an den Sammelstreifen.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/wiring_steps.py" />
      <source>The leads are not on the pack yet: keep it so until both contacts are sleeved.</source>
      <translation>Die Leitungen sind noch nicht am Pack: so lassen, bis beide Kontakte ihren Schlauch haben.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/wiring_steps.py" />
      <source>The leads are not on the pack yet: keep it so until both lugs are sleeved and covered.</source>
      <translation>Die Leitungen sind noch nicht am Pack: so lassen, bis beide Kabelschuhe überzogen und abgedeckt sind.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/wiring_steps.py" />
      <source>The plug stays out of the board. Every lead is live as soon as it is joined, and so is its place in the plug.</source>
      <translation>Der Stecker bleibt aus der Platine. Jede Leitung steht unter Spannung, sobald sie verbunden ist, und ebenso ihr Platz im Stecker.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/wiring_steps.py" />
      <source>Tie the leads down</source>
      <translation>Die Leitungen festbinden</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/wiring_steps.py" />
      <source>Tin both ends; a sleeve over each board end, which goes to its pad only when every tap has been read.</source>
      <translation>Beide Enden verzinnen; einen Schlauch über jedes Platinenende, das erst an sein Pad kommt, wenn jeder Abgriff gemessen ist.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/wiring_steps.py" />
      <source>at about %1 N·m (the cell's sheet goes before that)</source>
      <translation>mit etwa %1 N·m (das Blatt der Zelle geht vor)</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/wiring_steps.py" />
      <source>at the end of the pack</source>
      <translation>am Ende des Packs</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/wiring_steps.py" />
      <source>board's</source>
      <translation>der Platine</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/wiring_steps.py" />
      <source>conductor in the witness hole, tug holds</source>
      <translation>Leiter im Sichtloch, hält dem Zug stand</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/wiring_steps.py" />
      <source>every strand in, tug holds</source>
      <translation>jede Litze drin, hält dem Zug stand</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/wiring_steps.py" />
      <source>every strand in, tug holds, screws at their torque again</source>
      <translation>jede Litze drin, hält dem Zug stand, Schrauben wieder mit ihrem Drehmoment</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/wiring_steps.py" />
      <source>from</source>
      <translation>von</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/wiring_steps.py" />
      <source>nothing at the connector yet: the board's P lead comes last</source>
      <translation>noch nichts am Stecker: die P-Leitung der Platine kommt zuletzt</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/wiring_steps.py" />
      <source>outside, in a case of its own</source>
      <translation>außen, in eigenem Gehäuse</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/wiring_steps.py" />
      <source>plug</source>
      <translation>Stecker</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/wiring_steps.py" />
      <source>smooth joint, strands in outline, tug holds</source>
      <translation>glatte Lötstelle, Litzen zeichnen sich ab, hält dem Zug stand</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/wiring_steps.py" />
      <source>the collecting strip B%1 between cells %2 and %3, not over a cell</source>
      <translation>der Sammelstreifen B%1 zwischen den Zellen %2 und %3, nicht über einer Zelle</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/wiring_steps.py" />
      <source>the tab of plate B%1 at cell %2</source>
      <translation>die Fahne der Platte B%1 an Zelle %2</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/wiring_steps.py" />
      <source>the tail of the collecting strip B%1 at cell %2</source>
      <translation>das Ende des Sammelstreifens B%1 an Zelle %2</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/wiring_steps.py" />
      <source>wire %1 the board's pad B%2</source>
      <translation>Leitung %1 Pad B%2 der Platine</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/wiring_steps.py" />
      <source>wire bottomed in the cup, no gap to the insulation, body not distorted</source>
      <translation>Leitung sitzt im Kelch auf, kein Spalt zur Isolierung, Gehäuse nicht verformt</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/wiring_steps.py" />
      <source>wires bottomed, sleeves over all bare metal, tug holds</source>
      <translation>Leitungen sitzen auf, Schläuche über allem blanken Metall, hält dem Zug stand</translation>
    </message>
    <message>
      <location filename="firmcell/core/layout/from_photo.py" />
      <source>A strip on the %1 face names a cell that is not marked.</source>
      <translation>Ein Streifen auf der Seite %1 nennt eine Zelle, die nicht gekennzeichnet ist.</translation>
    </message>
    <message>
      <location filename="firmcell/core/layout/from_photo.py" />
      <source>Cell %1 of the top photo has no partner on the bottom: is the pack turned about the other axis, or is one photo mirrored?</source>
      <translation>Zelle %1 des oberen Fotos hat unten kein Gegenüber: ist der Pack um die andere Achse gewendet, oder ist ein Foto gespiegelt?</translation>
    </message>
    <message>
      <location filename="firmcell/core/layout/from_photo.py" />
      <source>Cell %1 shows %2 on both faces.</source>
      <translation>Zelle %1 zeigt auf beiden Seiten %2.</translation>
    </message>
    <message>
      <location filename="firmcell/core/layout/from_photo.py" />
      <source>Cells %1 %2 at one strip and part after it: a strip is missing, or one is too many, or a cell is marked the wrong way round.</source>
      <translation>Die Zellen %1 treffen sich %2 an einem Streifen und trennen sich danach: ein Streifen fehlt, oder einer ist zu viel, oder eine Zelle ist verkehrt gekennzeichnet.</translation>
    </message>
    <message>
      <location filename="firmcell/core/layout/from_photo.py" />
      <source>Cells %1 go round in a ring, a dead short: a cell is marked the wrong way round, or a strip is one too many.</source>
      <translation>Die Zellen %1 gehen im Kreis, ein satter Kurzschluss: eine Zelle ist verkehrt gekennzeichnet, oder ein Streifen ist zu viel.</translation>
    </message>
    <message>
      <location filename="firmcell/core/layout/from_photo.py" />
      <source>No cell is marked yet: click the middle of each in both photos.</source>
      <translation>Noch ist keine Zelle gekennzeichnet: in beiden Fotos die Mitte jeder anklicken.</translation>
    </message>
    <message>
      <location filename="firmcell/core/layout/from_photo.py" />
      <source>The cells %1: a strip is missing, or a cell is marked the wrong way round.</source>
      <translation>Die Zellen %1: ein Streifen fehlt, oder eine Zelle ist verkehrt gekennzeichnet.</translation>
    </message>
    <message>
      <location filename="firmcell/core/layout/from_photo.py" />
      <source>The four corners bound no rectangle: %1.</source>
      <translation>Die vier Ecken umschließen kein Rechteck: %1.</translation>
    </message>
    <message>
      <location filename="firmcell/core/layout/from_photo.py" />
      <source>The photos do not go together yet. %1</source>
      <translation>Die Fotos passen noch nicht zusammen. %1</translation>
    </message>
    <message>
      <location filename="firmcell/core/layout/from_photo.py" />
      <source>The top photo has %1 cells marked, the bottom %2; every cell is marked in both.</source>
      <translation>Im oberen Foto sind %1 Zellen gekennzeichnet, im unteren %2; jede wird in beiden gekennzeichnet.</translation>
    </message>
    <message>
      <location filename="firmcell/core/layout/from_photo.py" />
      <source>The two points are one: click them as far apart as you know the size of.</source>
      <translation>Die beiden Punkte sind einer: sie so weit auseinander anklicken, wie die Größe bekannt ist.</translation>
    </message>
    <message>
      <location filename="firmcell/core/layout/from_photo.py" />
      <source>Which end of cell %1 is plus is not marked.</source>
      <translation>Welches Ende von Zelle %1 Plus ist, ist nicht gekennzeichnet.</translation>
    </message>
    <message>
      <location filename="firmcell/core/layout/from_photo.py" />
      <source>fall into %1 chains</source>
      <translation>zerfallen in %1 Ketten</translation>
    </message>
    <message>
      <location filename="firmcell/core/layout/from_photo.py" />
      <source>go round in a ring, a dead short</source>
      <translation>gehen im Kreis, ein satter Kurzschluss</translation>
    </message>
    <message>
      <location filename="firmcell/core/layout/from_photo.py" />
      <source>“%1” is not to scale yet: click four corners of a rectangle, or two points, and enter their size.</source>
      <translation>„%1“ ist noch nicht maßstäblich: vier Ecken eines Rechtecks oder zwei Punkte anklicken und ihre Größe eintragen.</translation>
    </message>
    <message>
      <location filename="firmcell/core/layout/grouping.py" />
      <source>%1 places are too few for %2 cells</source>
      <translation>%1 Plätze sind zu wenig für %2 Zellen</translation>
    </message>
    <message>
      <location filename="firmcell/core/layout/places.py" />
      <source>, long enough for the cells this way round.</source>
      <translation>, lang genug für die Zellen in dieser Lage.</translation>
    </message>
    <message>
      <location filename="firmcell/core/layout/places.py" />
      <source>There is no space to look in: give length, width and height in the brief</source>
      <translation>Es gibt keinen Raum zum Suchen: Länge, Breite und Höhe im Lastenheft angeben</translation>
    </message>
    <message>
      <location filename="firmcell/core/layout/search.py" />
      <source>%1 cells do not fit: places found are %2; more than %3 are impossible there.%4</source>
      <translation>%1 Zellen passen nicht: gefundene Plätze sind %2; mehr als %3 sind dort unmöglich.%4</translation>
    </message>
    <message>
      <location filename="firmcell/core/layout/search.py" />
      <source>%1 places are found for %2 cells, but a group must stand whole in one block: the blocks hold %3 groups of %4.</source>
      <translation>%1 Plätze sind für %2 Zellen gefunden, aber eine Gruppe muss ganz in einem Block stehen: die Blöcke fassen %3 Gruppen von %4.</translation>
    </message>
    <message>
      <location filename="firmcell/core/layout/search.py" />
      <source>%1: %2 places, more than %3 are impossible</source>
      <translation>%1: %2 Plätze, mehr als %3 sind unmöglich</translation>
    </message>
    <message>
      <location filename="firmcell/core/layout/search.py" />
      <source>Cells folded end to end stand one after the other: there are no places to look for.</source>
      <translation>Ende an Ende gefaltete Zellen stehen hintereinander: es gibt keine Plätze zu suchen.</translation>
    </message>
    <message>
      <location filename="firmcell/core/layout/search.py" />
      <source>Group %1 does not hang together in this outline.</source>
      <translation>Gruppe %1 hängt in diesem Umriss nicht zusammen.</translation>
    </message>
    <message>
      <location filename="firmcell/core/layout/search.py" />
      <source>In a space that is given as seen from its end the cells lie along it: choose that first.</source>
      <translation>In einem vom Ende her gegebenen Raum liegen die Zellen der Länge nach: das zuerst wählen.</translation>
    </message>
    <message>
      <location filename="firmcell/core/layout/search.py" />
      <source>Of groups %1 and %2 only %3 of %4 cells touch the other group.</source>
      <translation>Von den Gruppen %1 und %2 berühren nur %3 von %4 Zellen die andere Gruppe.</translation>
    </message>
    <message>
      <location filename="firmcell/core/layout/search.py" />
      <source>One cell fewer in parallel (%1) would give every cell its link.</source>
      <translation>Eine Zelle weniger parallel (%1) gäbe jeder Zelle ihre Verbindung.</translation>
    </message>
    <message>
      <location filename="firmcell/core/layout/search.py" />
      <source>The cells stand in whole rows; find places first, or move a cell by hand.</source>
      <translation>Die Zellen stehen in ganzen Reihen; zuerst Plätze suchen, oder eine Zelle von Hand versetzen.</translation>
    </message>
    <message>
      <location filename="firmcell/core/layout/search.py" />
      <source>With %1 in parallel it would fit.</source>
      <translation>Mit %1 parallel würde es passen.</translation>
    </message>
    <message>
      <location filename="firmcell/core/layout/search.py" />
      <source>sorting cells into groups</source>
      <translation>Zellen werden in Gruppen sortiert</translation>
    </message>
    <message>
      <location filename="firmcell/core/layout/series_parallel.py" />
      <source>%1 cells are too many: the space takes at most %2 standing</source>
      <translation>%1 Zellen sind zu viele: stehend nimmt der Raum höchstens %2</translation>
    </message>
    <message>
      <location filename="firmcell/core/layout/series_parallel.py" />
      <source>each cell gives %1 at the peak, its limit is %2</source>
      <translation>jede Zelle gibt in der Spitze %1, ihre Grenze ist %2</translation>
    </message>
    <message>
      <location filename="firmcell/core/layout/series_parallel.py" />
      <source>each cell gives %1 steadily, its limit is %2</source>
      <translation>jede Zelle gibt dauernd %1, ihre Grenze ist %2</translation>
    </message>
    <message>
      <location filename="firmcell/core/layout/series_parallel.py" />
      <source>full it gives %1, the load accepts %2</source>
      <translation>voll gibt er %1, der Verbraucher nimmt %2 an</translation>
    </message>
    <message>
      <location filename="firmcell/core/layout/series_parallel.py" />
      <source>it delivers %1, %2 is wanted</source>
      <translation>er liefert %1, gewünscht sind %2</translation>
    </message>
    <message>
      <location filename="firmcell/core/layout/series_parallel.py" />
      <source>near empty it gives %1 under load, the load needs %2</source>
      <translation>fast leer gibt er unter Last %1, der Verbraucher braucht %2</translation>
    </message>
    <message>
      <location filename="firmcell/core/layout/series_parallel.py" />
      <source>the cells alone weigh %1, the limit is %2</source>
      <translation>die Zellen allein wiegen %1, die Grenze ist %2</translation>
    </message>
    <message>
      <location filename="firmcell/core/layout/series_parallel.py" />
      <source>the peak pulls it down to %1, the load needs %2</source>
      <translation>die Spitze zieht ihn auf %1 herunter, der Verbraucher braucht %2</translation>
    </message>
    <message>
      <location filename="firmcell/core/layout/space.py" />
      <source>a circle must touch its box</source>
      <translation>ein Kreis muss seinen Kasten berühren</translation>
    </message>
    <message>
      <location filename="firmcell/core/leads/connectors.py" />
      <source>the contact</source>
      <translation>den Kontakt</translation>
    </message>
    <message>
      <location filename="firmcell/core/leads/connectors.py" />
      <source>the wire in its cup</source>
      <translation>die Leitung in ihren Kelch</translation>
    </message>
    <message>
      <location filename="firmcell/core/leads/fuse_timing.py" />
      <source>silicone</source>
      <translation>Silikon</translation>
    </message>
    <message>
      <location filename="firmcell/core/leads/insulation_class.py" />
      <source>PTFE 200</source>
      <translation>PTFE 200</translation>
    </message>
    <message>
      <location filename="firmcell/core/leads/insulation_class.py" />
      <source>PVC 105</source>
      <translation>PVC 105</translation>
    </message>
    <message>
      <location filename="firmcell/core/leads/insulation_class.py" />
      <source>PVC 80</source>
      <translation>PVC 80</translation>
    </message>
    <message>
      <location filename="firmcell/core/leads/insulation_class.py" />
      <source>XLPE 125</source>
      <translation>VPE 125</translation>
    </message>
    <message>
      <location filename="firmcell/core/leads/insulation_class.py" />
      <source>silicone 200</source>
      <translation>Silikon 200</translation>
    </message>
    <message>
      <location filename="firmcell/core/leads/soldering.py" />
      <source>%1 mm %2:1%3 sleeve</source>
      <translation>%1 mm %2:1%3 Schlauch</translation>
    </message>
    <message>
      <location filename="firmcell/core/leads/soldering.py" />
      <source>An unconnected mate plugged in keeps the contacts straight (never a live one).</source>
      <translation>Ein nicht angeschlossenes Gegenstück darin hält die Kontakte gerade (nie eines unter Spannung).</translation>
    </message>
    <message>
      <location filename="firmcell/core/leads/soldering.py" />
      <source>UL 486A-486B</source>
      <translation>UL 486A-486B</translation>
    </message>
    <message>
      <location filename="firmcell/core/leads/soldering.py" />
      <source>adhesive-lined</source>
      <translation>mit Kleber</translation>
    </message>
    <message>
      <location filename="firmcell/core/leads/wire_rating.py" />
      <source>ABYC E-11 105 °C</source>
      <translation>ABYC E-11 105 °C</translation>
    </message>
    <message>
      <location filename="firmcell/core/leads/wire_rating.py" />
      <source>NFPA 70 310.17 75 °C</source>
      <translation>NFPA 70 310.17 75 °C</translation>
    </message>
    <message>
      <location filename="firmcell/core/leads/wire_rating.py" />
      <source>NFPA 70 310.17 90 °C</source>
      <translation>NFPA 70 310.17 90 °C</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/brief.py" />
      <source>Across, from the middle</source>
      <translation>Quer, von der Mitte</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/brief.py" />
      <source>Against a touch (over 60 V)</source>
      <translation>Gegen Berühren (über 60 V)</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/brief.py" />
      <source>Along, from the middle</source>
      <translation>Längs, von der Mitte</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/brief.py" />
      <source>Capacitors in the load</source>
      <translation>Kondensatoren im Verbraucher</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/brief.py" />
      <source>Clearance each side</source>
      <translation>Luft auf jeder Seite</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/brief.py" />
      <source>Coldest place of use</source>
      <translation>Kältester Einsatzort</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/brief.py" />
      <source>Energy wanted</source>
      <translation>Gewünschte Energie</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/brief.py" />
      <source>For whom</source>
      <translation>Für wen</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/brief.py" />
      <source>Hottest place of use</source>
      <translation>Heißester Einsatzort</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/brief.py" />
      <source>In use it stands</source>
      <translation>Im Einsatz steht er</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/brief.py" />
      <source>It gets wet</source>
      <translation>Es wird nass</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/brief.py" />
      <source>It is dropped or shaken</source>
      <translation>Er wird fallen gelassen oder gerüttelt</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/brief.py" />
      <source>It must never cut out by itself</source>
      <translation>Er darf nie von selbst abschalten</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/brief.py" />
      <source>Length (round: diameter)</source>
      <translation>Länge (rund: Durchmesser)</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/brief.py" />
      <source>Load accepts up to</source>
      <translation>Verbraucher verträgt bis</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/brief.py" />
      <source>Load works down to</source>
      <translation>Verbraucher läuft ab</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/brief.py" />
      <source>Mass limit</source>
      <translation>Höchstgewicht</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/brief.py" />
      <source>Outline, corner by corner</source>
      <translation>Umriss, Ecke für Ecke</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/brief.py" />
      <source>Peak comes again every</source>
      <translation>Spitze kommt wieder alle</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/brief.py" />
      <source>Peak current</source>
      <translation>Spitzenstrom</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/brief.py" />
      <source>Peak lasts</source>
      <translation>Spitze dauert</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/brief.py" />
      <source>Promised for</source>
      <translation>Zugesagt für</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/brief.py" />
      <source>Round</source>
      <translation>Rund</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/brief.py" />
      <source>Run time at steady current</source>
      <translation>Laufzeit beim Dauerstrom</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/brief.py" />
      <source>Shape of the space</source>
      <translation>Form des Raums</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/brief.py" />
      <source>Space, height</source>
      <translation>Raum, Höhe</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/brief.py" />
      <source>Space, length (round: diameter)</source>
      <translation>Raum, Länge (rund: Durchmesser)</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/brief.py" />
      <source>Space, width</source>
      <translation>Raum, Breite</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/brief.py" />
      <source>Steady current</source>
      <translation>Dauerstrom</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/brief.py" />
      <source>The board stands here</source>
      <translation>Die Platine steht hier</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/brief.py" />
      <source>What is there</source>
      <translation>Was da ist</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/brief.py" />
      <source>box</source>
      <translation>Kasten</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/brief.py" />
      <source>cylinder</source>
      <translation>Zylinder</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/brief.py" />
      <source>in a closed compartment</source>
      <translation>in einem geschlossenen Fach</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/brief.py" />
      <source>insulated tools, gloves, covers, a second person near</source>
      <translation>isoliertes Werkzeug, Handschuhe, Abdeckungen, eine zweite Person in der Nähe</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/brief.py" />
      <source>none yet</source>
      <translation>noch keine</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/brief.py" />
      <source>on a surface, open above</source>
      <translation>auf einer Fläche, oben offen</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/brief.py" />
      <source>on feet or hung up, air all round</source>
      <translation>auf Füßen oder aufgehängt, Luft ringsum</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/brief.py" />
      <source>outline</source>
      <translation>Umriss</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/brief.py" />
      <source>outline seen from the end</source>
      <translation>Umriss vom Ende gesehen</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/brief.py" />
      <source>work under licensed practice</source>
      <translation>Arbeit durch befugte Fachleute</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/cell_sleeves.py" />
      <source>cell sleeve %1 mm flat</source>
      <translation>Zellenschlauch %1 mm flach</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/chemistry.py" />
      <source>Lithium iron phosphate</source>
      <translation>Lithium-Eisenphosphat</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/chemistry.py" />
      <source>Lithium-ion</source>
      <translation>Lithium-Ionen</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/chemistry.py" />
      <source>Nickel-metal hydride</source>
      <translation>Nickel-Metallhydrid</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/chemistry.py" />
      <source>a tenth of the capacity for 16 h, or fast charge ended by −ΔV 5 to 10 mV a cell or 1 K/min, with a time limit behind both</source>
      <translation>ein Zehntel der Kapazität 16 h lang, oder Schnellladung, beendet durch −ΔV 5 bis 10 mV je Zelle oder 1 K/min, hinter beidem eine Zeitgrenze</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/chemistry.py" />
      <source>constant current, then constant voltage until the current has fallen to a twentieth</source>
      <translation>Konstantstrom, dann Konstantspannung, bis der Strom auf ein Zwanzigstel gefallen ist</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/chemistry.py" />
      <source>lfp</source>
      <translation>lfp</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/chemistry.py" />
      <source>li-ion</source>
      <translation>li-ion</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/chemistry.py" />
      <source>lto</source>
      <translation>lto</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/design.py" />
      <source>A balance plug beside the board</source>
      <translation>Ein Balancerstecker neben der Platine</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/design.py" />
      <source>A fuse at each tap</source>
      <translation>Eine Sicherung an jedem Abgriff</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/design.py" />
      <source>Adapters in the way</source>
      <translation>Adapter im Weg</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/design.py" />
      <source>Alloy</source>
      <translation>Legierung</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/design.py" />
      <source>Board is connected</source>
      <translation>Platine wird angeschlossen</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/design.py" />
      <source>Board lies</source>
      <translation>Platine liegt</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/design.py" />
      <source>Built by</source>
      <translation>Gebaut von</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/design.py" />
      <source>B− and B+ first, then the sense plug, load last</source>
      <translation>zuerst B− und B+, dann der Messstecker, die Last zuletzt</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/design.py" />
      <source>B− first, then the sense plug, then P−</source>
      <translation>zuerst B−, dann der Messstecker, dann P−</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/design.py" />
      <source>Cells across the width</source>
      <translation>Zellen über die Breite</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/design.py" />
      <source>Cells joined by</source>
      <translation>Zellen verbunden durch</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/design.py" />
      <source>Cells measured now</source>
      <translation>Zellen messen jetzt</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/design.py" />
      <source>Cells stand or lie</source>
      <translation>Zellen stehen oder liegen</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/design.py" />
      <source>Cells with twice the welds</source>
      <translation>Zellen mit doppelten Schweißungen</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/design.py" />
      <source>Charge current of the charger</source>
      <translation>Ladestrom des Ladegeräts</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/design.py" />
      <source>Charger's leads, wire (else the main wire)</source>
      <translation>Leitungen des Ladegeräts, Draht (sonst der der Hauptleitung)</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/design.py" />
      <source>Charger's plus and minus as the load's</source>
      <translation>Plus und Minus des Ladegeräts wie beim Verbraucher</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/design.py" />
      <source>Connector of the charger</source>
      <translation>Stecker des Ladegeräts</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/design.py" />
      <source>Copper under the collecting strips</source>
      <translation>Kupfer unter den Sammelstreifen</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/design.py" />
      <source>Copper under the links</source>
      <translation>Kupfer unter den Übergängen</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/design.py" />
      <source>Drop allowed, both leads</source>
      <translation>Erlaubter Abfall, beide Leitungen</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/design.py" />
      <source>First group stands plus up</source>
      <translation>Erste Gruppe steht mit Plus nach oben</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/design.py" />
      <source>Flux</source>
      <translation>Flussmittel</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/design.py" />
      <source>Foam over the sheet, thickness</source>
      <translation>Schaum über der Folie, Dicke</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/design.py" />
      <source>Free length of a fuse wire</source>
      <translation>Freie Länge eines Sicherungsdrahts</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/design.py" />
      <source>Free places</source>
      <translation>Freie Plätze</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/design.py" />
      <source>Fuse after</source>
      <translation>Sicherung nach</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/design.py" />
      <source>Fuse holder, resistance</source>
      <translation>Sicherungshalter, Widerstand</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/design.py" />
      <source>Fuse in the</source>
      <translation>Sicherung in der</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/design.py" />
      <source>Fuse in the charger's plus lead</source>
      <translation>Sicherung in der Plusleitung des Ladegeräts</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/design.py" />
      <source>Fuse wire at each plus, bare copper</source>
      <translation>Sicherungsdraht an jedem Plus, blankes Kupfer</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/design.py" />
      <source>Gap between cells</source>
      <translation>Spalt zwischen den Zellen</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/design.py" />
      <source>Ladder strip where two rows face</source>
      <translation>Leiterstreifen, wo zwei Reihen sich gegenüberstehen</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/design.py" />
      <source>Lattice</source>
      <translation>Raster</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/design.py" />
      <source>Layers of cells</source>
      <translation>Lagen von Zellen</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/design.py" />
      <source>Layers of collecting strips</source>
      <translation>Lagen der Sammelstreifen</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/design.py" />
      <source>Layers of series links</source>
      <translation>Lagen der Reihenverbinder</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/design.py" />
      <source>Lead no hotter than</source>
      <translation>Leitung nicht heißer als</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/design.py" />
      <source>Leads end in</source>
      <translation>Leitungen enden in</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/design.py" />
      <source>Leads lie</source>
      <translation>Leitungen liegen</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/design.py" />
      <source>Leads side by side, each pole</source>
      <translation>Leitungen nebeneinander, je Pol</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/design.py" />
      <source>Least peel force that is right</source>
      <translation>Kleinste Schälkraft, die recht ist</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/design.py" />
      <source>Lip over each edge</source>
      <translation>Überstand über jede Kante</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/design.py" />
      <source>Main wire</source>
      <translation>Hauptleitung</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/design.py" />
      <source>Measured capacity of each cell</source>
      <translation>Gemessene Kapazität jeder Zelle</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/design.py" />
      <source>Measured resistance of each cell</source>
      <translation>Gemessener Widerstand jeder Zelle</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/design.py" />
      <source>Metal of two potentials apart by at least</source>
      <translation>Metall zweier Potenziale auseinander um wenigstens</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/design.py" />
      <source>Minus leaves at</source>
      <translation>Minus tritt aus bei</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/design.py" />
      <source>Order chosen by hand</source>
      <translation>Von Hand gewählte Reihenfolge</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/design.py" />
      <source>Placed cells</source>
      <translation>Gesetzte Zellen</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/design.py" />
      <source>Plus leaves at</source>
      <translation>Plus tritt aus bei</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/design.py" />
      <source>Resistance of one joint, measured</source>
      <translation>Widerstand einer Verbindung, gemessen</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/design.py" />
      <source>Second connector, in parallel</source>
      <translation>Zweiter Stecker, parallel</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/design.py" />
      <source>Second minus lead at</source>
      <translation>Zweite Minusleitung bei</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/design.py" />
      <source>Second plus lead at</source>
      <translation>Zweite Plusleitung bei</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/design.py" />
      <source>Second sleeve across it</source>
      <translation>Zweiter Schlauch quer darüber</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/design.py" />
      <source>Sense wire</source>
      <translation>Messleitung</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/design.py" />
      <source>Serial number</source>
      <translation>Seriennummer</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/design.py" />
      <source>Serial of each cell</source>
      <translation>Seriennummer jeder Zelle</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/design.py" />
      <source>Service loop of each sense lead</source>
      <translation>Reserveschlaufe jeder Messleitung</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/design.py" />
      <source>Sheet around the sides, thickness</source>
      <translation>Folie um die Flanken, Dicke</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/design.py" />
      <source>Sheet over the joints, thickness</source>
      <translation>Folie über den Verbindungen, Dicke</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/design.py" />
      <source>Sleeve along the pack</source>
      <translation>Schlauch längs des Packs</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/design.py" />
      <source>Split in two blocks, gap</source>
      <translation>In zwei Blöcke geteilt, Spalt</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/design.py" />
      <source>Spot welder</source>
      <translation>Punktschweißgerät</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/design.py" />
      <source>Strip for collecting</source>
      <translation>Streifen zum Sammeln</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/design.py" />
      <source>Strip for series links</source>
      <translation>Streifen für Reihenverbinder</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/design.py" />
      <source>Strips drawn by hand</source>
      <translation>Von Hand gezeichnete Streifen</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/design.py" />
      <source>Strips judged by</source>
      <translation>Streifen beurteilt nach</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/design.py" />
      <source>Strips left out by hand</source>
      <translation>Von Hand ausgelassene Streifen</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/design.py" />
      <source>Strips or cut plates</source>
      <translation>Streifen oder geschnittene Platten</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/design.py" />
      <source>Tabs between collecting bar and cells</source>
      <translation>Fahnen zwischen Sammelschiene und Zellen</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/design.py" />
      <source>Tape over the sheet, thickness</source>
      <translation>Band über der Folie, Dicke</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/design.py" />
      <source>Thread of a cell's terminal</source>
      <translation>Gewinde am Pol einer Zelle</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/design.py" />
      <source>Turned over about its axis</source>
      <translation>Gewendet um seine Achse</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/design.py" />
      <source>Weld pairs on each pad</source>
      <translation>Schweißpaare je Polfläche</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/design.py" />
      <source>Which lead first</source>
      <translation>Welche Leitung zuerst</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/design.py" />
      <source>a long strip in still air</source>
      <translation>ein langer Streifen in stehender Luft</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/design.py" />
      <source>as chosen</source>
      <translation>wie gewählt</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/design.py" />
      <source>end to end, folded into a stick</source>
      <translation>Ende an Ende, zum Stab gefaltet</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/design.py" />
      <source>extra rosin flux, wiped off warm</source>
      <translation>zusätzliches Kolophonium-Flussmittel, warm abgewischt</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/design.py" />
      <source>from minus to plus</source>
      <translation>vom Minus zum Plus</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/design.py" />
      <source>in place between its cells</source>
      <translation>an Ort und Stelle zwischen seinen Zellen</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/design.py" />
      <source>lead-free tin-silver-copper, melts at 217 to 227 °C</source>
      <translation>bleifreies Zinn-Silber-Kupfer, schmilzt bei 217 bis 227 °C</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/design.py" />
      <source>leaded 63/37, melts at 183 °C</source>
      <translation>bleihaltig 63/37, schmilzt bei 183 °C</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/design.py" />
      <source>lugs on studs</source>
      <translation>Kabelschuhe auf Bolzen</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/design.py" />
      <source>lying across</source>
      <translation>quer liegend</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/design.py" />
      <source>lying along</source>
      <translation>längs liegend</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/design.py" />
      <source>minus lead</source>
      <translation>Minusleitung</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/design.py" />
      <source>negative first</source>
      <translation>Minus zuerst</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/design.py" />
      <source>plates</source>
      <translation>Platten</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/design.py" />
      <source>plus lead</source>
      <translation>Plusleitung</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/design.py" />
      <source>positive first</source>
      <translation>Plus zuerst</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/design.py" />
      <source>rosin core only</source>
      <translation>nur die Kolophoniumseele</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/design.py" />
      <source>sense plug first, then B−, then P−</source>
      <translation>zuerst der Messstecker, dann B−, dann P−</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/design.py" />
      <source>short</source>
      <translation>kurz</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/design.py" />
      <source>so that least is exposed</source>
      <translation>sodass am wenigsten freiliegt</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/design.py" />
      <source>standing</source>
      <translation>stehend</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/design.py" />
      <source>the worse of both</source>
      <translation>das Schlechtere von beiden</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/designation.py" />
      <source>fully regulated lithium battery (%1); UN 38.3 tests; 30 % charge by air</source>
      <translation>voll geregelte Lithiumbatterie (%1); Prüfungen UN 38.3; 30 % Ladung im Luftverkehr</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/designation.py" />
      <source>nickel battery: terminals protected against short circuit; the lithium rules do not apply</source>
      <translation>Nickelbatterie: Pole gegen Kurzschluss geschützt; die Regeln für Lithium gelten nicht</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/designation.py" />
      <source>pack %1 Wh is over 100 Wh</source>
      <translation>Pack mit %1 Wh ist über 100 Wh</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/designation.py" />
      <source>small lithium battery (cell %1 Wh ≤ 20 Wh, pack %2 Wh ≤ 100 Wh); UN 38.3 tests still apply</source>
      <translation>kleine Lithiumbatterie (Zelle %1 Wh ≤ 20 Wh, Pack %2 Wh ≤ 100 Wh); die Prüfungen UN 38.3 gelten trotzdem</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/host_charger.py" />
      <source>Host's charge ends by</source>
      <translation>Ladung im Gerät endet durch</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/host_charger.py" />
      <source>It balances each group</source>
      <translation>Es gleicht jede Gruppe aus</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/host_charger.py" />
      <source>It stays on when full</source>
      <translation>Es bleibt an, wenn voll</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/host_charger.py" />
      <source>Its clock ends after</source>
      <translation>Seine Uhr endet nach</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/host_charger.py" />
      <source>Its current</source>
      <translation>Sein Strom</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/host_charger.py" />
      <source>Its resistor</source>
      <translation>Sein Widerstand</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/host_charger.py" />
      <source>Its voltage, no pack on it</source>
      <translation>Seine Spannung ohne Pack</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/host_charger.py" />
      <source>a clock</source>
      <translation>eine Uhr</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/host_charger.py" />
      <source>constant current, then constant voltage</source>
      <translation>Konstantstrom, dann Konstantspannung</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/host_charger.py" />
      <source>nothing but its own voltage, behind a resistor</source>
      <translation>nichts als seine eigene Spannung, hinter einem Widerstand</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/host_charger.py" />
      <source>nothing: a current that goes on</source>
      <translation>nichts: ein Strom, der weiterläuft</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/host_charger.py" />
      <source>the voltage drop of a full pack (−ΔV)</source>
      <translation>den Spannungsabfall eines vollen Packs (−ΔV)</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/host_charger.py" />
      <source>the warmth of a full pack</source>
      <translation>die Wärme eines vollen Packs</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/job_details.py" />
      <source>BMS retrofit</source>
      <translation>BMS-Nachrüstung</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/job_details.py" />
      <source>Bare can, diameter measured</source>
      <translation>Blanker Becher, Durchmesser gemessen</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/job_details.py" />
      <source>Bare can, length measured</source>
      <translation>Blanker Becher, Länge gemessen</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/job_details.py" />
      <source>Board and its leads stay</source>
      <translation>Platine und ihre Leitungen bleiben</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/job_details.py" />
      <source>Cells the host took, in series</source>
      <translation>Zellen, die das Gerät nahm, in Reihe</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/job_details.py" />
      <source>Cells to sleeve</source>
      <translation>Zellen zu überziehen</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/job_details.py" />
      <source>Charger takes lengths up to</source>
      <translation>Ladegerät nimmt Längen bis</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/job_details.py" />
      <source>Clear of sides and lids by</source>
      <translation>Frei von Wänden und Deckeln um</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/job_details.py" />
      <source>Clear sleeve, wall once shrunk</source>
      <translation>Klarer Schlauch, Wand nach dem Schrumpfen</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/job_details.py" />
      <source>Connector at the far end</source>
      <translation>Stecker am fernen Ende</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/job_details.py" />
      <source>Connector that comes off</source>
      <translation>Stecker, der abkommt</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/job_details.py" />
      <source>Cores look alike</source>
      <translation>Adern sehen gleich aus</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/job_details.py" />
      <source>Dented</source>
      <translation>Eingedellt</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/job_details.py" />
      <source>End plates, thickness</source>
      <translation>Endplatten, Dicke</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/job_details.py" />
      <source>Fillet of sealant, leg</source>
      <translation>Kehle der Dichtmasse, Schenkel</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/job_details.py" />
      <source>Frame or holder stays</source>
      <translation>Rahmen oder Halter bleibt</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/job_details.py" />
      <source>Higher voltage is right, because</source>
      <translation>Höhere Spannung ist richtig, weil</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/job_details.py" />
      <source>Holder takes diameters up to</source>
      <translation>Halter nimmt Durchmesser bis</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/job_details.py" />
      <source>Holder takes lengths up to</source>
      <translation>Halter nimmt Längen bis</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/job_details.py" />
      <source>Host stands up to</source>
      <translation>Gerät verträgt bis</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/job_details.py" />
      <source>Host stays as it was</source>
      <translation>Gerät bleibt, wie es war</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/job_details.py" />
      <source>Host switches pairs for two voltages</source>
      <translation>Gerät schaltet Paare für zwei Spannungen</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/job_details.py" />
      <source>Host's contacts carry</source>
      <translation>Kontakte des Geräts tragen</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/job_details.py" />
      <source>Hydrogen</source>
      <translation>Wasserstoff</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/job_details.py" />
      <source>It is</source>
      <translation>Es ist</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/job_details.py" />
      <source>It is a sealed lead block</source>
      <translation>Es ist ein verschlossener Bleiblock</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/job_details.py" />
      <source>It is known whether there is a fuse</source>
      <translation>Es ist bekannt, ob eine Sicherung da ist</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/job_details.py" />
      <source>Kind of job</source>
      <translation>Art des Auftrags</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/job_details.py" />
      <source>Lead is</source>
      <translation>Leitung ist</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/job_details.py" />
      <source>Leads and connector stay</source>
      <translation>Leitungen und Stecker bleiben</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/job_details.py" />
      <source>Leaking, or smells</source>
      <translation>Undicht, oder riecht</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/job_details.py" />
      <source>Lip past each plate, trimmed</source>
      <translation>Lippe über jede Platte, gekürzt</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/job_details.py" />
      <source>Lithium jacketed all the same, because</source>
      <translation>Lithium trotzdem im Mantel, weil</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/job_details.py" />
      <source>Long edges, radius</source>
      <translation>Lange Kanten, Radius</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/job_details.py" />
      <source>Lug at the load</source>
      <translation>Kabelschuh am Verbraucher</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/job_details.py" />
      <source>Lug at the source</source>
      <translation>Kabelschuh an der Quelle</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/job_details.py" />
      <source>Must reach from the pack</source>
      <translation>Muss vom Pack reichen bis</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/job_details.py" />
      <source>New cells are reclaimed</source>
      <translation>Neue Zellen sind wiedergewonnen</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/job_details.py" />
      <source>New pack, height</source>
      <translation>Neuer Pack, Höhe</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/job_details.py" />
      <source>New pack, length</source>
      <translation>Neuer Pack, Länge</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/job_details.py" />
      <source>New pack, width</source>
      <translation>Neuer Pack, Breite</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/job_details.py" />
      <source>Old cell, capacity measured</source>
      <translation>Alte Zelle, Kapazität gemessen</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/job_details.py" />
      <source>Old cells</source>
      <translation>Alte Zellen</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/job_details.py" />
      <source>Old cells in parallel</source>
      <translation>Alte Zellen parallel</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/job_details.py" />
      <source>Old groups in series</source>
      <translation>Alte Gruppen in Reihe</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/job_details.py" />
      <source>Old tabs, thickness</source>
      <translation>Alte Fahnen, Dicke</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/job_details.py" />
      <source>One clip carries</source>
      <translation>Ein Clip trägt</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/job_details.py" />
      <source>One clip, resistance</source>
      <translation>Ein Clip, Widerstand</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/job_details.py" />
      <source>One of them, fresh or full</source>
      <translation>Eine davon, frisch oder voll</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/job_details.py" />
      <source>One of them, nominal</source>
      <translation>Eine davon, Nennspannung</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/job_details.py" />
      <source>One of them, resistance</source>
      <translation>Eine davon, Widerstand</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/job_details.py" />
      <source>Pack weighs</source>
      <translation>Pack wiegt</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/job_details.py" />
      <source>Pack, height</source>
      <translation>Pack, Höhe</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/job_details.py" />
      <source>Pack, length along its wires</source>
      <translation>Pack, Länge entlang der Leitungen</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/job_details.py" />
      <source>Pack, width</source>
      <translation>Pack, Breite</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/job_details.py" />
      <source>Parts joined last</source>
      <translation>Teile zuletzt verbunden</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/job_details.py" />
      <source>Plug of the host</source>
      <translation>Stecker des Geräts</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/job_details.py" />
      <source>Ring and disc, thickness</source>
      <translation>Ring und Scheibe, Dicke</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/job_details.py" />
      <source>Ring, thickness</source>
      <translation>Ring, Dicke</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/job_details.py" />
      <source>Room for one cell, length</source>
      <translation>Raum für eine Zelle, Länge</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/job_details.py" />
      <source>Room for one cell, width</source>
      <translation>Raum für eine Zelle, Breite</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/job_details.py" />
      <source>Room, height</source>
      <translation>Raum, Höhe</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/job_details.py" />
      <source>Room, length</source>
      <translation>Raum, Länge</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/job_details.py" />
      <source>Room, width</source>
      <translation>Raum, Breite</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/job_details.py" />
      <source>Runs for (0: steadily)</source>
      <translation>Läuft (0: dauernd)</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/job_details.py" />
      <source>Rusted</source>
      <translation>Rostig</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/job_details.py" />
      <source>Sealant cures in</source>
      <translation>Dichtmasse härtet in</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/job_details.py" />
      <source>Second insulation ahead of the fuse</source>
      <translation>Zweite Isolierung vor der Sicherung</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/job_details.py" />
      <source>Sleeve on</source>
      <translation>Schlauch darauf</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/job_details.py" />
      <source>Sleeve, wall once shrunk</source>
      <translation>Schlauch, Wand nach dem Schrumpfen</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/job_details.py" />
      <source>Source</source>
      <translation>Quelle</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/job_details.py" />
      <source>Source, highest voltage</source>
      <translation>Quelle, höchste Spannung</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/job_details.py" />
      <source>Source, short-circuit current</source>
      <translation>Quelle, Kurzschlussstrom</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/job_details.py" />
      <source>Strap, thickness</source>
      <translation>Band, Dicke</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/job_details.py" />
      <source>Strap, width</source>
      <translation>Band, Breite</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/job_details.py" />
      <source>Stud at the load</source>
      <translation>Bolzen am Verbraucher</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/job_details.py" />
      <source>Stud at the source</source>
      <translation>Bolzen an der Quelle</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/job_details.py" />
      <source>Tabs</source>
      <translation>Fahnen</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/job_details.py" />
      <source>Then rests for</source>
      <translation>Dann Ruhe</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/job_details.py" />
      <source>Thin data wires beside them</source>
      <translation>Dünne Datenleitungen daneben</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/job_details.py" />
      <source>Thin wires through the plate</source>
      <translation>Dünne Leitungen durch die Platte</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/job_details.py" />
      <source>Thin wires, diameter</source>
      <translation>Dünne Leitungen, Durchmesser</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/job_details.py" />
      <source>Warm by itself</source>
      <translation>Von selbst warm</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/job_details.py" />
      <source>Welder joins up to</source>
      <translation>Schweißgerät verbindet bis</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/job_details.py" />
      <source>Wire coiled in beside it</source>
      <translation>Leitung daneben gerollt</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/job_details.py" />
      <source>Wire from pack to old connector</source>
      <translation>Leitung vom Pack zum alten Stecker</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/job_details.py" />
      <source>Wires cut to staggered lengths</source>
      <translation>Leitungen versetzt lang geschnitten</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/job_details.py" />
      <source>Wires to the motor</source>
      <translation>Leitungen zum Motor</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/job_details.py" />
      <source>Work plan</source>
      <translation>Arbeitsplan</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/job_details.py" />
      <source>Y joins two packs</source>
      <translation>Y verbindet zwei Packs</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/job_details.py" />
      <source>Y: one end to two</source>
      <translation>Y: ein Ende zu zweien</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/job_details.py" />
      <source>a membrane vent in one end plate</source>
      <translation>eine Membran zur Entlüftung in einer Endplatte</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/job_details.py" />
      <source>a thin tab welded to the cell, the old one soldered to it</source>
      <translation>eine dünne Fahne an die Zelle geschweißt, die alte daran gelötet</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/job_details.py" />
      <source>adapter: another connector at the far end</source>
      <translation>Adapter: ein anderer Stecker am fernen Ende</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/job_details.py" />
      <source>after, slid over the bullet</source>
      <translation>danach, über den Rundstecker geschoben</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/job_details.py" />
      <source>before soldering</source>
      <translation>vor dem Löten</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/job_details.py" />
      <source>cell with board</source>
      <translation>Zelle mit Platine</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/job_details.py" />
      <source>charge lead: from charger to pack</source>
      <translation>Ladeleitung: vom Ladegerät zum Pack</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/job_details.py" />
      <source>current as entered</source>
      <translation>Strom wie eingetragen</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/job_details.py" />
      <source>cut off, one conductor at a time</source>
      <translation>abgeschnitten, ein Leiter nach dem anderen</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/job_details.py" />
      <source>d.c. power supply</source>
      <translation>Gleichspannungsnetzteil</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/job_details.py" />
      <source>deep-cycle lead, about 100 Ah</source>
      <translation>zyklenfeste Bleibatterie, etwa 100 Ah</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/job_details.py" />
      <source>extension: the same connector at both ends</source>
      <translation>Verlängerung: derselbe Stecker an beiden Enden</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/job_details.py" />
      <source>full: each look its own step</source>
      <translation>ganz: jeder Blick ein eigener Schritt</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/job_details.py" />
      <source>holder pack</source>
      <translation>Halterpack</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/job_details.py" />
      <source>iron-phosphate block, about 100 Ah</source>
      <translation>Eisenphosphat-Block, etwa 100 Ah</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/job_details.py" />
      <source>lead change</source>
      <translation>Leitungswechsel</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/job_details.py" />
      <source>machine leads</source>
      <translation>Maschinenleitungen</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/job_details.py" />
      <source>made-up lead</source>
      <translation>angefertigte Leitung</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/job_details.py" />
      <source>new pack</source>
      <translation>neuer Pack</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/job_details.py" />
      <source>new strip; the old is kept as a pattern</source>
      <translation>neuer Streifen; der alte bleibt als Muster</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/job_details.py" />
      <source>no jacket: a watertight enclosure</source>
      <translation>kein Mantel: ein wasserdichtes Gehäuse</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/job_details.py" />
      <source>not there: the wires end bare</source>
      <translation>nicht da: die Leitungen enden blank</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/job_details.py" />
      <source>old tabs welded again</source>
      <translation>alte Fahnen wieder angeschweißt</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/job_details.py" />
      <source>power cable</source>
      <translation>Starkstromkabel</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/job_details.py" />
      <source>re-sleeve</source>
      <translation>neuer Schlauch</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/job_details.py" />
      <source>refit</source>
      <translation>neue Zellen im alten Gehäuse</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/job_details.py" />
      <source>scored and soldered</source>
      <translation>angeritzt und gelötet</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/job_details.py" />
      <source>sealed all round; charged out of the water, a cap at one end open</source>
      <translation>rundum dicht; außerhalb des Wassers geladen, eine Kappe an einem Ende offen</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/job_details.py" />
      <source>sealed lead block, 7 Ah</source>
      <translation>verschlossener Bleiblock, 7 Ah</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/job_details.py" />
      <source>short: for a hand that has done it often</source>
      <translation>kurz: für eine Hand, die es oft getan hat</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/job_details.py" />
      <source>splice: longer wire on wires that are there</source>
      <translation>Spleiß: längere Leitung an vorhandene Leitungen</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/job_details.py" />
      <source>starter battery, 45 to 75 Ah</source>
      <translation>Starterbatterie, 45 bis 75 Ah</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/job_details.py" />
      <source>starter battery, 90 Ah and more</source>
      <translation>Starterbatterie, 90 Ah und mehr</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/job_details.py" />
      <source>the load's half, on a load's own wires</source>
      <translation>die Hälfte des Verbrauchers, an dessen eigenen Leitungen</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/job_details.py" />
      <source>tray</source>
      <translation>Wanne</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/job_details.py" />
      <source>unsoldered, one contact at a time</source>
      <translation>abgelötet, ein Kontakt nach dem anderen</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/job_details.py" />
      <source>wet jacket</source>
      <translation>Nassmantel</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/joint_kinds.py" />
      <source>medium: nickel to 0.2 mm</source>
      <translation>mittel: Nickel bis 0,2 mm</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/joint_kinds.py" />
      <source>screwed joint</source>
      <translation>Schraubverbindung</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/joint_kinds.py" />
      <source>small: nickel to 0.15 mm</source>
      <translation>klein: Nickel bis 0,15 mm</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/joint_kinds.py" />
      <source>solder on factory tabs</source>
      <translation>Löten an werkseitigen Fahnen</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/joint_kinds.py" />
      <source>solder straight on the cell</source>
      <translation>Löten direkt auf der Zelle</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/joint_kinds.py" />
      <source>soldered joint</source>
      <translation>Lötverbindung</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/joint_kinds.py" />
      <source>spot welds</source>
      <translation>Punktschweißungen</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/joint_kinds.py" />
      <source>strong: nickel to 0.3 mm</source>
      <translation>stark: Nickel bis 0,3 mm</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/parts.py" />
      <source>Conductor</source>
      <translation>Leiter</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/parts.py" />
      <source>Density</source>
      <translation>Dichte</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/parts.py" />
      <source>T-blade</source>
      <translation>T-Klinge</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/parts.py" />
      <source>bare bullets</source>
      <translation>blanke Rundstecker</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/parts.py" />
      <source>blade</source>
      <translation>Klinge</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/parts.py" />
      <source>common</source>
      <translation>gemeinsam</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/parts.py" />
      <source>copper</source>
      <translation>Kupfer</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/parts.py" />
      <source>crimp housing</source>
      <translation>Crimpgehäuse</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/parts.py" />
      <source>fine-stranded</source>
      <translation>feindrähtig</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/parts.py" />
      <source>generic class value</source>
      <translation>allgemeiner Wert der Klasse</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/parts.py" />
      <source>magnetic</source>
      <translation>magnetisch</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/parts.py" />
      <source>many-pin host plug</source>
      <translation>vielpoliger Stecker des Geräts</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/parts.py" />
      <source>minus line</source>
      <translation>Minusleitung</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/parts.py" />
      <source>modular genderless blades</source>
      <translation>modulare geschlechtslose Klingen</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/parts.py" />
      <source>nickel</source>
      <translation>Nickel</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/parts.py" />
      <source>screw terminals</source>
      <translation>Schraubklemmen</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/parts.py" />
      <source>solid</source>
      <translation>massiv</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/parts.py" />
      <source>stranded</source>
      <translation>mehrdrähtig</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/parts.py" />
      <source>twin bullet</source>
      <translation>doppelter Rundstecker</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/photo.py" />
      <source>Rectangle, left edge</source>
      <translation>Rechteck, linke Kante</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/photo.py" />
      <source>Rectangle, upper edge</source>
      <translation>Rechteck, obere Kante</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/photo.py" />
      <source>Shows</source>
      <translation>Zeigt</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/photo.py" />
      <source>Two points apart</source>
      <translation>Abstand zweier Punkte</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/photo.py" />
      <source>a side</source>
      <translation>je Seite</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/photo.py" />
      <source>bottom face</source>
      <translation>Unterseite</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/photo.py" />
      <source>something else</source>
      <translation>etwas anderes</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/photo.py" />
      <source>top face</source>
      <translation>Oberseite</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/wire_laying.py" />
      <source>bundled</source>
      <translation>gebündelt</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/wire_laying.py" />
      <source>free air</source>
      <translation>frei in Luft</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/wire_laying.py" />
      <source>in sleeve</source>
      <translation>im Schlauch</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/wire_laying.py" />
      <source>inside the pack's insulation</source>
      <translation>in der Isolierung des Packs</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/wire_laying.py" />
      <source>two together</source>
      <translation>zwei zusammen</translation>
    </message>
    <message>
      <location filename="firmcell/core/pictures/drawing.py" />
      <source>middle</source>
      <translation>Mitte</translation>
    </message>
    <message>
      <location filename="firmcell/core/pictures/face.py" />
      <source>%1 face</source>
      <translation>%1seite</translation>
    </message>
    <message>
      <location filename="firmcell/core/pictures/face_labels.py" />
      <source>%1 × %2 mm outside</source>
      <translation>%1 × %2 mm außen</translation>
    </message>
    <message>
      <location filename="firmcell/core/pictures/face_labels.py" />
      <source>Bottom</source>
      <translation>Unten</translation>
    </message>
    <message>
      <location filename="firmcell/core/pictures/face_labels.py" />
      <source>Top</source>
      <translation>Oben</translation>
    </message>
    <message>
      <location filename="firmcell/core/pictures/face_wires.py" />
      <source>to B%1</source>
      <translation>zu B%1</translation>
    </message>
    <message>
      <location filename="firmcell/core/pictures/lead.py" />
      <source>%1 °C, %2 mV</source>
      <translation>%1 °C, %2 mV</translation>
    </message>
    <message>
      <location filename="firmcell/core/pictures/lead.py" />
      <source>controller, dead</source>
      <translation>Regler, spannungslos</translation>
    </message>
    <message>
      <location filename="firmcell/core/pictures/lead.py" />
      <source>pack, live</source>
      <translation>Pack, unter Spannung</translation>
    </message>
    <message>
      <location filename="firmcell/core/pictures/live_paint.py" />
      <source>bare metal, V against its lowest</source>
      <translation>blankes Metall, V gegen sein niedrigstes</translation>
    </message>
    <message>
      <location filename="firmcell/core/pictures/pack_label.py" />
      <source>Charge %1, by the clock or −ΔV, never by voltage</source>
      <translation>Laden mit %1, nach der Uhr oder −ΔV, nie nach Spannung</translation>
    </message>
    <message>
      <location filename="firmcell/core/pictures/pack_label.py" />
      <source>Charge to %1, at most %2, %3 to 45 °C</source>
      <translation>Laden bis %1, höchstens %2, %3 bis 45 °C</translation>
    </message>
    <message>
      <location filename="firmcell/core/pictures/pack_label.py" />
      <source>Give %1, %2 for a moment, down to %3</source>
      <translation>Gibt %1, kurz %2, bis hinab zu %3</translation>
    </message>
    <message>
      <location filename="firmcell/core/pictures/pack_label.py" />
      <source>Metal hydride; by sea UN 3496. Poles covered against a short.</source>
      <translation>Metallhydrid; zur See UN 3496. Pole gegen Kurzschluss abgedeckt.</translation>
    </message>
    <message>
      <location filename="firmcell/core/pictures/pack_label.py" />
      <source>NOT PROVEN YET: do not use</source>
      <translation>NOCH NICHT GEPRÜFT: nicht benutzen</translation>
    </message>
    <message>
      <location filename="firmcell/core/pictures/pack_label.py" />
      <source>Never open, crush, heat or short. Warm by itself or swollen: outside, and leave it.</source>
      <translation>Nie öffnen, quetschen, erhitzen, kurzschließen. Von selbst warm oder gebläht: ins Freie, liegen lassen.</translation>
    </message>
    <message>
      <location filename="firmcell/core/pictures/pack_label.py" />
      <source>Poles covered against a short.</source>
      <translation>Pole gegen Kurzschluss abgedeckt.</translation>
    </message>
    <message>
      <location filename="firmcell/core/pictures/pack_label.py" />
      <source>class 9</source>
      <translation>Klasse 9</translation>
    </message>
    <message>
      <location filename="firmcell/core/pictures/pack_label.py" />
      <source>small, up to 100 Wh</source>
      <translation>klein, bis 100 Wh</translation>
    </message>
    <message>
      <location filename="firmcell/core/pictures/pack_label.py" />
      <source>wiring, for inside the lid</source>
      <translation>Verdrahtung, für den Deckel innen</translation>
    </message>
    <message>
      <location filename="firmcell/core/pictures/part_card.py" />
      <source>%1 A/mm²%2</source>
      <translation>%1 A/mm²%2</translation>
    </message>
    <message>
      <location filename="firmcell/core/pictures/part_card.py" />
      <source>%1 at the end of a run</source>
      <translation>%1 am Ende eines Laufs</translation>
    </message>
    <message>
      <location filename="firmcell/core/pictures/part_card.py" />
      <source>%1 empty, %2 full</source>
      <translation>%1 leer, %2 voll</translation>
    </message>
    <message>
      <location filename="firmcell/core/pictures/part_card.py" />
      <source>%1 face, at cell %2</source>
      <translation>Seite %1, an Zelle %2</translation>
    </message>
    <message>
      <location filename="firmcell/core/pictures/part_card.py" />
      <source>%1 in place, %2 as a long strip</source>
      <translation>%1 an Ort und Stelle, %2 als langer Streifen</translation>
    </message>
    <message>
      <location filename="firmcell/core/pictures/part_card.py" />
      <source>%1 mV in the whole loop</source>
      <translation>%1 mV im ganzen Kreis</translation>
    </message>
    <message>
      <location filename="firmcell/core/pictures/part_card.py" />
      <source>%1 mV, %2 mW</source>
      <translation>%1 mV, %2 mW</translation>
    </message>
    <message>
      <location filename="firmcell/core/pictures/part_card.py" />
      <source>%1 mm of %2</source>
      <translation>%1 mm %2</translation>
    </message>
    <message>
      <location filename="firmcell/core/pictures/part_card.py" />
      <source>%1 to %2 a group</source>
      <translation>%1 bis %2 je Gruppe</translation>
    </message>
    <message>
      <location filename="firmcell/core/pictures/part_card.py" />
      <source>%1, %2 % off an even part</source>
      <translation>%1, %2 % neben dem gleichen Anteil</translation>
    </message>
    <message>
      <location filename="firmcell/core/pictures/part_card.py" />
      <source>%1, %2 layer%3</source>
      <translation>%1, Lagen: %2</translation>
    </message>
    <message>
      <location filename="firmcell/core/pictures/part_card.py" />
      <source>%1, %2 mm from the middle</source>
      <translation>%1, %2 mm von der Mitte</translation>
    </message>
    <message>
      <location filename="firmcell/core/pictures/part_card.py" />
      <source>%1, cut %2 mm</source>
      <translation>%1, auf %2 mm geschnitten</translation>
    </message>
    <message>
      <location filename="firmcell/core/pictures/part_card.py" />
      <source>%1, trips at %2</source>
      <translation>%1, löst bei %2 aus</translation>
    </message>
    <message>
      <location filename="firmcell/core/pictures/part_card.py" />
      <source>Against B0; each next tap is one group more.</source>
      <translation>Gegen B0; jeder nächste Abgriff ist eine Gruppe mehr.</translation>
    </message>
    <message>
      <location filename="firmcell/core/pictures/part_card.py" />
      <source>Cell %1, group %2</source>
      <translation>Zelle %1, Gruppe %2</translation>
    </message>
    <message>
      <location filename="firmcell/core/pictures/part_card.py" />
      <source>Cut length</source>
      <translation>Zuschnittlänge</translation>
    </message>
    <message>
      <location filename="firmcell/core/pictures/part_card.py" />
      <source>Cuts off</source>
      <translation>Schaltet ab</translation>
    </message>
    <message>
      <location filename="firmcell/core/pictures/part_card.py" />
      <source>Heat balance in still air, held to %1.</source>
      <translation>Wärmebilanz in stehender Luft, gehalten auf %1.</translation>
    </message>
    <message>
      <location filename="firmcell/core/pictures/part_card.py" />
      <source>Lead</source>
      <translation>Leitung</translation>
    </message>
    <message>
      <location filename="firmcell/core/pictures/part_card.py" />
      <source>Reads now</source>
      <translation>Zeigt jetzt</translation>
    </message>
    <message>
      <location filename="firmcell/core/pictures/part_card.py" />
      <source>Solved on the real layout.</source>
      <translation>Gerechnet an der wirklichen Anordnung.</translation>
    </message>
    <message>
      <location filename="firmcell/core/pictures/part_card.py" />
      <source>plus %1</source>
      <translation>Plus %1</translation>
    </message>
    <message>
      <location filename="firmcell/core/pictures/pocket.py" />
      <source>%1 at worst, metal and clearance in it</source>
      <translation>%1 im schlimmsten Fall, Metall und Luft darin</translation>
    </message>
    <message>
      <location filename="firmcell/core/pictures/pocket.py" />
      <source>%1 there</source>
      <translation>%1 da</translation>
    </message>
    <message>
      <location filename="firmcell/core/pictures/run_paint.py" />
      <source>temperature</source>
      <translation>Temperatur</translation>
    </message>
    <message>
      <location filename="firmcell/core/pictures/section.py" />
      <source>+ end</source>
      <translation>+ Ende</translation>
    </message>
    <message>
      <location filename="firmcell/core/pictures/section.py" />
      <source>One end, heights × %1</source>
      <translation>Ein Ende, Höhen × %1</translation>
    </message>
    <message>
      <location filename="firmcell/core/pictures/section.py" />
      <source>Section through y = %1 mm</source>
      <translation>Schnitt durch y = %1 mm</translation>
    </message>
    <message>
      <location filename="firmcell/core/pictures/section.py" />
      <source>in all %1 on each end</source>
      <translation>zusammen %1 an jedem Ende</translation>
    </message>
    <message>
      <location filename="firmcell/core/pictures/single_cell.py" />
      <source>Cut along the axis; thin layers drawn thicker than they are</source>
      <translation>Längs der Achse geschnitten; dünne Lagen dicker gezeichnet, als sie sind</translation>
    </message>
    <message>
      <location filename="firmcell/core/pictures/single_cell.py" />
      <source>board %1</source>
      <translation>Platine %1</translation>
    </message>
    <message>
      <location filename="firmcell/core/pictures/single_cell.py" />
      <source>ring %1</source>
      <translation>Ring %1</translation>
    </message>
    <message>
      <location filename="firmcell/core/pictures/single_cell.py" />
      <source>sleeve %1 flat</source>
      <translation>Schlauch %1 flach</translation>
    </message>
    <message>
      <location filename="firmcell/core/pictures/single_cell.py" />
      <source>strap %1 × %2 mm, tape under and over it</source>
      <translation>Band %1 × %2 mm, Klebeband darunter und darüber</translation>
    </message>
    <message>
      <location filename="firmcell/core/pictures/single_cell.py" />
      <source>with its board</source>
      <translation>mit ihrer Platine</translation>
    </message>
    <message>
      <location filename="firmcell/core/pictures/single_cell.py" />
      <source>with its board %1 at most</source>
      <translation>mit ihrer Platine höchstens %1</translation>
    </message>
    <message>
      <location filename="firmcell/core/pictures/sleeved_cell.py" />
      <source>%1 with its sleeve</source>
      <translation>%1 mit ihrem Schlauch</translation>
    </message>
    <message>
      <location filename="firmcell/core/pictures/sleeved_cell.py" />
      <source>ring %1, under the lip</source>
      <translation>Ring %1, unter der Lippe</translation>
    </message>
    <message>
      <location filename="firmcell/core/pictures/sleeved_cell.py" />
      <source>with its sleeve</source>
      <translation>mit ihrem Schlauch</translation>
    </message>
    <message>
      <location filename="firmcell/core/pictures/stage_marks.py" />
      <source>+ and − are the ends you see on this face.</source>
      <translation>+ und − sind die Enden, die auf dieser Seite zu sehen sind.</translation>
    </message>
    <message>
      <location filename="firmcell/core/pictures/stage_marks.py" />
      <source>As it is handed over.</source>
      <translation>So wird er übergeben.</translation>
    </message>
    <message>
      <location filename="firmcell/core/pictures/stage_marks.py" />
      <source>Colour: where the strips stand on the scale below; numbers at the ten that stand highest.</source>
      <translation>Farbe: wo die Streifen auf der Skala darunter stehen; Zahlen an den zehn höchsten.</translation>
    </message>
    <message>
      <location filename="firmcell/core/pictures/stage_marks.py" />
      <source>Each sense lead on its face, by the rear long edge to the board.</source>
      <translation>Jede Messleitung auf ihrer Seite, über die hintere Längskante zur Platine.</translation>
    </message>
    <message>
      <location filename="firmcell/core/pictures/stage_marks.py" />
      <source>Each tap as it read; outlined ones are not read yet.</source>
      <translation>Jeder Abgriff, wie er abgelesen wurde; umrandete sind noch nicht abgelesen.</translation>
    </message>
    <message>
      <location filename="firmcell/core/pictures/stage_marks.py" />
      <source>Main leads at their true thickness.</source>
      <translation>Hauptleitungen in ihrer wahren Dicke.</translation>
    </message>
    <message>
      <location filename="firmcell/core/pictures/stage_marks.py" />
      <source>Number in the dark disc: group, from the negative end. Dashed: free place. Red: wrong here.</source>
      <translation>Zahl in der dunklen Scheibe: Gruppe, vom Minus an. Gestrichelt: freier Platz. Rot: hier falsch.</translation>
    </message>
    <message>
      <location filename="firmcell/core/pictures/stage_marks.py" />
      <source>Outline: outer size with sheets and sleeves.</source>
      <translation>Umriss: Außenmaß mit Folien und Schlauch.</translation>
    </message>
    <message>
      <location filename="firmcell/core/pictures/stage_marks.py" />
      <source>Solid: done. Outlined: still open. Bright: the step at hand.</source>
      <translation>Gefüllt: fertig. Umrandet: noch offen. Hell: der Schritt, der an der Reihe ist.</translation>
    </message>
    <message>
      <location filename="firmcell/core/pictures/stage_marks.py" />
      <source>The pack as it stands, to scale; grid 10 mm.</source>
      <translation>Der Pack, wie er steht, maßstäblich; Raster 10 mm.</translation>
    </message>
    <message>
      <location filename="firmcell/core/pictures/strip_colours.py" />
      <source>heat</source>
      <translation>Wärme</translation>
    </message>
    <message>
      <location filename="firmcell/core/pictures/strip_colours.py" />
      <source>share of limit</source>
      <translation>Anteil der Grenze</translation>
    </message>
    <message>
      <location filename="firmcell/core/pictures/strip_colours.py" />
      <source>temperature in place</source>
      <translation>Temperatur am Ort</translation>
    </message>
    <message>
      <location filename="firmcell/core/pictures/strip_colours.py" />
      <source>what follows if it lets go</source>
      <translation>was folgt, wenn sie sich löst</translation>
    </message>
    <message>
      <location filename="firmcell/core/pictures/strip_colours.py" />
      <source>why it is there</source>
      <translation>warum es da ist</translation>
    </message>
    <message>
      <location filename="firmcell/core/pictures/templates.py" />
      <source>%1 face, %2</source>
      <translation>Seite %1, %2</translation>
    </message>
    <message>
      <location filename="firmcell/core/pictures/templates.py" />
      <source>sheet %1 mm, %2 face</source>
      <translation>Folie %1 mm, Seite %2</translation>
    </message>
    <message>
      <location filename="firmcell/core/pictures/tray.py" />
      <source>From above, lid off</source>
      <translation>Von oben, Deckel ab</translation>
    </message>
    <message>
      <location filename="firmcell/core/pictures/tray.py" />
      <source>pack %1 × %2 × %3%4</source>
      <translation>Pack %1 × %2 × %3%4</translation>
    </message>
    <message>
      <location filename="firmcell/core/pictures/tray.py" />
      <source>room %1 × %2 mm</source>
      <translation>Raum %1 × %2 mm</translation>
    </message>
    <message>
      <location filename="firmcell/core/pictures/way_table.py" />
      <source>From the charger, %1, over %2</source>
      <translation>Vom Ladegerät, %1, über %2</translation>
    </message>
    <message>
      <location filename="firmcell/core/pictures/way_table.py" />
      <source>Outside the cells and strips it loses %1 and makes %2 W.</source>
      <translation>Außerhalb der Zellen und Streifen gehen %1 verloren, das sind %2 W.</translation>
    </message>
    <message>
      <location filename="firmcell/core/pictures/way_table.py" />
      <source>Piece</source>
      <translation>Stück</translation>
    </message>
    <message>
      <location filename="firmcell/core/pictures/way_table.py" />
      <source>To the load, %1 steady</source>
      <translation>Zum Verbraucher, %1 dauernd</translation>
    </message>
    <message>
      <location filename="firmcell/core/pictures/way_table.py" />
      <source>board %1 to %2</source>
      <translation>Platine %1 an %2</translation>
    </message>
    <message>
      <location filename="firmcell/core/pictures/way_table.py" />
      <source>contact %1</source>
      <translation>Kontakt %1</translation>
    </message>
    <message>
      <location filename="firmcell/core/pictures/way_table.py" />
      <source>the same connector</source>
      <translation>derselbe Stecker</translation>
    </message>
    <message>
      <location filename="firmcell/core/pictures/wet_jacket.py" />
      <source>%1 finished, %2 × %3</source>
      <translation>%1 fertig, %2 × %3</translation>
    </message>
    <message>
      <location filename="firmcell/core/pictures/wet_jacket.py" />
      <source>%1, %2 thick</source>
      <translation>%1, %2 dick</translation>
    </message>
    <message>
      <location filename="firmcell/core/pictures/wet_jacket.py" />
      <source>%1, cut %2; lip %3 past each plate, trimmed</source>
      <translation>%1, auf %2 geschnitten; Lippe %3 über jede Platte, gekürzt</translation>
    </message>
    <message>
      <location filename="firmcell/core/pictures/wet_jacket.py" />
      <source>Cut along its length; thin layers drawn thicker than they are</source>
      <translation>Längs geschnitten; dünne Lagen dicker gezeichnet, als sie sind</translation>
    </message>
    <message>
      <location filename="firmcell/core/pictures/wet_jacket.py" />
      <source>end plate, blind</source>
      <translation>Endplatte, blind</translation>
    </message>
    <message>
      <location filename="firmcell/core/pictures/wet_jacket.py" />
      <source>end plate, wires</source>
      <translation>Endplatte, Leitungen</translation>
    </message>
    <message>
      <location filename="firmcell/core/pictures/wiring.py" />
      <source>%1, minus at the foot</source>
      <translation>%1, Minus am Fuß</translation>
    </message>
    <message>
      <location filename="firmcell/core/pictures/wiring.py" />
      <source>%1: wires of the BMS, %2 pieces; lay each from nail to nail, cut, mark its number</source>
      <translation>%1: Leitungen des BMS, %2 Stück; jede von Nagel zu Nagel legen, schneiden, ihre Nummer darauf</translation>
    </message>
    <message>
      <location filename="firmcell/core/pictures/wiring.py" />
      <source>Balance plug only</source>
      <translation>Nur Balancerstecker</translation>
    </message>
    <message>
      <location filename="firmcell/core/pictures/wiring.py" />
      <source>nail board</source>
      <translation>Nagelbrett</translation>
    </message>
    <message>
      <location filename="firmcell/core/pictures/wiring.py" />
      <source>two white</source>
      <translation>zwei weiße</translation>
    </message>
    <message>
      <location filename="firmcell/core/practice/live_order.py" />
      <source>bare</source>
      <translation>blank</translation>
    </message>
    <message>
      <location filename="firmcell/core/records/build_state.py" />
      <source>polarity</source>
      <translation>Polung</translation>
    </message>
    <message>
      <location filename="firmcell/core/records/event_words.py" />
      <source>%1 right%2</source>
      <translation>%1 richtig%2</translation>
    </message>
    <message>
      <location filename="firmcell/core/records/event_words.py" />
      <source>cell %1: %2</source>
      <translation>Zelle %1: %2</translation>
    </message>
    <message>
      <location filename="firmcell/core/records/events.py" />
      <source>Black probe on</source>
      <translation>Schwarze Spitze auf</translation>
    </message>
    <message>
      <location filename="firmcell/core/records/events.py" />
      <source>Die or indent</source>
      <translation>Backe oder Dorn</translation>
    </message>
    <message>
      <location filename="firmcell/core/records/events.py" />
      <source>How many</source>
      <translation>Wie viele</translation>
    </message>
    <message>
      <location filename="firmcell/core/records/events.py" />
      <source>It sparked</source>
      <translation>Es hat gefunkt</translation>
    </message>
    <message>
      <location filename="firmcell/core/records/events.py" />
      <source>Kept where</source>
      <translation>Aufbewahrt wo</translation>
    </message>
    <message>
      <location filename="firmcell/core/records/events.py" />
      <source>Note</source>
      <translation>Hinweis</translation>
    </message>
    <message>
      <location filename="firmcell/core/records/events.py" />
      <source>N·m</source>
      <translation>N·m</translation>
    </message>
    <message>
      <location filename="firmcell/core/records/events.py" />
      <source>Peel force</source>
      <translation>Schälkraft</translation>
    </message>
    <message>
      <location filename="firmcell/core/records/events.py" />
      <source>Reading, red on plus</source>
      <translation>Ablesung, Rot auf Plus</translation>
    </message>
    <message>
      <location filename="firmcell/core/records/events.py" />
      <source>Red probe on</source>
      <translation>Rote Spitze auf</translation>
    </message>
    <message>
      <location filename="firmcell/core/records/events.py" />
      <source>Strip lies flat, no burr, clear of the rim</source>
      <translation>Streifen liegt flach, kein Grat, frei vom Rand</translation>
    </message>
    <message>
      <location filename="firmcell/core/records/events.py" />
      <source>Test voltage</source>
      <translation>Prüfspannung</translation>
    </message>
    <message>
      <location filename="firmcell/core/records/events.py" />
      <source>Torn hole, diameter</source>
      <translation>Ausgerissenes Loch, Durchmesser</translation>
    </message>
    <message>
      <location filename="firmcell/core/records/events.py" />
      <source>Torque</source>
      <translation>Drehmoment</translation>
    </message>
    <message>
      <location filename="firmcell/core/records/events.py" />
      <source>Tug held</source>
      <translation>Zug hielt</translation>
    </message>
    <message>
      <location filename="firmcell/core/records/events.py" />
      <source>Weld pairs made</source>
      <translation>Gemachte Schweißpaare</translation>
    </message>
    <message>
      <location filename="firmcell/core/records/events.py" />
      <source>a contact of the host</source>
      <translation>ein Kontakt des Geräts</translation>
    </message>
    <message>
      <location filename="firmcell/core/records/events.py" />
      <source>a fault</source>
      <translation>ein Fehler</translation>
    </message>
    <message>
      <location filename="firmcell/core/records/events.py" />
      <source>a lamp or 1 kΩ across the two points</source>
      <translation>eine Lampe oder 1 kΩ zwischen den beiden Punkten</translation>
    </message>
    <message>
      <location filename="firmcell/core/records/events.py" />
      <source>a wire</source>
      <translation>eine Leitung</translation>
    </message>
    <message>
      <location filename="firmcell/core/records/events.py" />
      <source>another strip roll</source>
      <translation>andere Streifenrolle</translation>
    </message>
    <message>
      <location filename="firmcell/core/records/events.py" />
      <source>electrodes dressed</source>
      <translation>Elektroden nachgearbeitet</translation>
    </message>
    <message>
      <location filename="firmcell/core/records/events.py" />
      <source>glue</source>
      <translation>Kleber</translation>
    </message>
    <message>
      <location filename="firmcell/core/records/events.py" />
      <source>new electrodes</source>
      <translation>neue Elektroden</translation>
    </message>
    <message>
      <location filename="firmcell/core/records/events.py" />
      <source>the board and its slot</source>
      <translation>die Platine und ihr Platz</translation>
    </message>
    <message>
      <location filename="firmcell/core/records/events.py" />
      <source>the frame: sides, keys</source>
      <translation>der Rahmen: Seiten, Nasen</translation>
    </message>
    <message>
      <location filename="firmcell/core/records/events.py" />
      <source>the whole pack under one steady load</source>
      <translation>der ganze Pack unter einer gleichmäßigen Last</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/bms.py" />
      <source>%1 Enter the pads of the board's sheet as B− or B0, B1 …, in the order they lie.</source>
      <translation>%1 Die Pads nach dem Blatt der Platine als B− oder B0, B1 … eintragen, in ihrer Reihenfolge.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/bms.py" />
      <source>A BMS that opens takes the power away in the middle of use.</source>
      <translation>Ein BMS, das öffnet, nimmt den Strom mitten im Einsatz weg.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/bms.py" />
      <source>A board for another count leaves groups unwatched or is destroyed.</source>
      <translation>Eine Platine für eine andere Zahl lässt Gruppen unbewacht oder wird zerstört.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/bms.py" />
      <source>A pack that is emptied by its own board while stored is ruined.</source>
      <translation>Ein Pack, den seine eigene Platine beim Lagern leert, ist verdorben.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/bms.py" />
      <source>A sense plug wired one place off, or backwards, puts many cells on one input and destroys the board.</source>
      <translation>Ein um einen Platz versetzter oder verkehrter Messstecker legt viele Zellen auf einen Eingang und zerstört die Platine.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/bms.py" />
      <source>Below their limit cells take harm; far above it the pack seems empty while it is not.</source>
      <translation>Unter ihrer Grenze nehmen Zellen Schaden; weit darüber scheint der Pack leer, ohne es zu sein.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/bms.py" />
      <source>Heat is the first sign of a failing group.</source>
      <translation>Hitze ist das erste Zeichen einer versagenden Gruppe.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/bms.py" />
      <source>Its thresholds would overcharge or strand the cells.</source>
      <translation>Ihre Schwellen würden die Zellen überladen oder stranden lassen.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/bms.py" />
      <source>Onderdonk, value from memory</source>
      <translation>Onderdonk, Wert aus dem Gedächtnis</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/bms.py" />
      <source>Put a fuse at each tap</source>
      <translation>An jeden Abgriff eine Sicherung setzen</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/bms.py" />
      <source>Stored half full, board and cells may empty it in %1 days: charge it up every %2.</source>
      <translation>Halb voll gelagert können Platine und Zellen ihn in %1 Tagen leeren: alle %2 nachladen.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/bms.py" />
      <source>The board %1 %2; %3 is asked of it.</source>
      <translation>Die Platine %1 %2; verlangt wird %3.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/bms.py" />
      <source>The board %1.</source>
      <translation>Die Platine %1.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/bms.py" />
      <source>The board cuts off at %1 a group; these cells are full at %2.</source>
      <translation>Die Platine schaltet bei %1 je Gruppe ab; diese Zellen sind bei %2 voll.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/bms.py" />
      <source>The board has no temperature sensor for %1 Wh.</source>
      <translation>Die Platine hat keinen Temperaturfühler für %1 Wh.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/bms.py" />
      <source>The board is for %1 groups; the pack has %2.</source>
      <translation>Die Platine ist für %1 Gruppen; der Pack hat %2.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/bms.py" />
      <source>The board overheats, or trips under normal load.</source>
      <translation>Die Platine überhitzt, oder löst bei gewöhnlicher Last aus.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/bms.py" />
      <source>The board sees the shift as a weak or strong group and cuts off early or late.</source>
      <translation>Die Platine hält die Verschiebung für eine schwache oder starke Gruppe und schaltet zu früh oder zu spät ab.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/bms.py" />
      <source>The brief says it must never cut out by itself, and a BMS can open at any moment.</source>
      <translation>Die Vorgabe sagt, er darf nie von selbst abschalten, und ein BMS kann jederzeit öffnen.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/bms.py" />
      <source>There is no BMS: charge only with a balance charger, and set the load's cut-off at %1 or above.</source>
      <translation>Es gibt kein BMS: nur mit einem Balancer-Ladegerät laden, und die Abschaltung des Verbrauchers auf %1 oder höher stellen.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/bms.py" />
      <source>Two sense leads that touch at the plug are a short of one group through wire as thin as a hair.</source>
      <translation>Zwei Messleitungen, die sich am Stecker berühren, sind ein Kurzschluss einer Gruppe durch einen haardünnen Draht.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/bms.py" />
      <source>Two sense leads that touch carry about %1 and melt in %2 s: %3 A fuses at the taps prevent it.</source>
      <translation>Zwei Messleitungen, die sich berühren, führen etwa %1 und schmelzen in %2 s: Sicherungen von %3 A an den Abgriffen verhindern es.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/bms.py" />
      <source>Under the steady load %1 reads %2 mV off its group's middle: more metal there, or join the lead elsewhere.</source>
      <translation>Unter der Dauerlast liegt %1 um %2 mV neben der Mitte seiner Gruppe: dort mehr Metall, oder die Leitung woanders anschließen.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/bms.py" />
      <source>What opens first should be what can be reset, and nothing may be damaged before it does.</source>
      <translation>Zuerst soll öffnen, was sich zurückstellen lässt, und davor darf nichts Schaden nehmen.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/bms.py" />
      <source>Without a board the pack relies on a balance charger and on the load's cut-off.</source>
      <translation>Ohne Platine hängt der Pack an einem Balancer-Ladegerät und an der Abschaltung des Verbrauchers.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/bms.py" />
      <source>capacity over standby drain and self-discharge</source>
      <translation>Kapazität über Ruhestrom und Selbstentladung</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/bms.py" />
      <source>carries</source>
      <translation>trägt</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/bms.py" />
      <source>network of the real layout under load</source>
      <translation>Netzwerk der wirklichen Anordnung unter Last</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/bms.py" />
      <source>pads as entered</source>
      <translation>Pads wie eingetragen</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/bms.py" />
      <source>takes a charge of</source>
      <translation>nimmt eine Ladung von</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/bms.py" />
      <source>the board senses every group</source>
      <translation>die Platine misst jede Gruppe</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/bms.py" />
      <source>thresholds of the class</source>
      <translation>Schwellen der Klasse</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/bms.py" />
      <source>trip current and delay against fuse band and wire, ISO 8820 and IEC 60364-4-43 values from memory</source>
      <translation>Auslösestrom und Verzug gegen Sicherungsband und Leitung, ISO 8820 und IEC 60364-4-43, Werte aus dem Gedächtnis</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/bms.py" />
      <source>trips at</source>
      <translation>löst aus bei</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/brief.py" />
      <source>Above it a touch can injure; local codes may ask for licensed work and for covers.</source>
      <translation>Darüber kann eine Berührung verletzen; örtliche Vorschriften können befugte Fachleute und Abdeckungen verlangen.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/brief.py" />
      <source>Below it the maker promises nothing: voltage breaks down under load, and a cell may be harmed.</source>
      <translation>Darunter verspricht der Hersteller nichts: die Spannung bricht unter Last zusammen, und eine Zelle kann Schaden nehmen.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/brief.py" />
      <source>Charging a lithium cell that is too cold plates metal inside it, which stays and may short it.</source>
      <translation>Wird eine zu kalte Lithiumzelle geladen, scheidet sich in ihr Metall ab, das bleibt und sie kurzschließen kann.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/brief.py" />
      <source>Full, it gives %1: over %2 d.c. only licensed practice builds and mends it.</source>
      <translation>Voll gibt er %1: über %2 Gleichspannung bauen und reparieren ihn nur zugelassene Fachleute.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/brief.py" />
      <source>Full, it gives %1: over the touch limit of %2 d.c.</source>
      <translation>Voll gibt er %1: über der Berührungsgrenze von %2 Gleichspannung.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/brief.py" />
      <source>It gets wet and the cells are nickel: a sealed sleeve needs a vent, or must not be sealed.</source>
      <translation>Er wird nass und die Zellen sind Nickel: ein dichter Schlauch braucht eine Entlüftung, oder darf nicht dicht sein.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/brief.py" />
      <source>It is used down to %1; this cell is made to give current from %2 on.</source>
      <translation>Er wird bis %1 eingesetzt; diese Zelle ist dafür gemacht, ab %2 Strom zu geben.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/brief.py" />
      <source>It is used down to %1; this cell must not be charged below %2.</source>
      <translation>Er wird bis %1 eingesetzt; diese Zelle darf unter %2 nicht geladen werden.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/brief.py" />
      <source>Nickel cells can give off hydrogen; a gas-tight sleeve collects it.</source>
      <translation>Nickelzellen können Wasserstoff abgeben; ein gasdichter Schlauch sammelt ihn.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/brief.py" />
      <source>Say in Brief what is done against a touch before it is built.</source>
      <translation>Im Lastenheft sagen, was vor dem Bauen gegen Berührung getan wird.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/cell_fuses.py" />
      <source>%1: a cell shorted inside by more than %2 stays on its neighbours; its own resistance is %3.</source>
      <translation>%1: eine innen mit mehr als %2 kurzgeschlossene Zelle bleibt an ihren Nachbarn; ihr eigener Widerstand ist %3.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/cell_fuses.py" />
      <source>%1; its neighbours drive %2 into a shorted cell at most.</source>
      <translation>%1; ihre Nachbarn treiben höchstens %2 in eine kurzgeschlossene Zelle.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/cell_fuses.py" />
      <source>A fuse that does not open only warms the place; builders then trust what is not there.</source>
      <translation>Eine Sicherung, die nicht öffnet, erwärmt nur die Stelle; und man verlässt sich auf etwas, das nicht da ist.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/cell_fuses.py" />
      <source>A fuse wire of %1 mm, %2 free, carries up to %3 and %4.</source>
      <translation>Ein Sicherungsdraht von %1 mm, %2 frei, trägt bis %3 und %4.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/cell_fuses.py" />
      <source>A fuse wire of %1 mm, %2 free, is certain to melt from %3</source>
      <translation>Ein Sicherungsdraht von %1 mm, %2 frei, schmilzt sicher ab %3</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/cell_fuses.py" />
      <source>A fuse wire that glows in use ages, lets its solder go, and melts on a good day.</source>
      <translation>Ein Sicherungsdraht, der im Gebrauch glüht, altert, lässt sein Lot los und schmilzt an einem guten Tag.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/cell_fuses.py" />
      <source>A short of the pack drives %1 through each fuse wire: a whole group of them may melt %2.</source>
      <translation>Ein Kurzschluss des Packs treibt %1 durch jeden Sicherungsdraht: eine ganze Gruppe davon kann %2 schmelzen.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/cell_fuses.py" />
      <source>A strip that lies on the plus bridges the wire, and the fuse is none.</source>
      <translation>Ein Streifen auf dem Plus überbrückt den Draht, und die Sicherung ist keine.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/cell_fuses.py" />
      <source>Bare wire breaks one cell's voltage; at the pack's an arc stands in each.</source>
      <translation>Blanker Draht unterbricht die Spannung einer Zelle; bei der des Packs steht in jedem ein Lichtbogen.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/cell_fuses.py" />
      <source>Cells joined by %1 take no fuse wires.</source>
      <translation>So verbundene Zellen nehmen keine Sicherungsdrähte: %1.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/cell_fuses.py" />
      <source>Cut plates</source>
      <translation>Platten schneiden</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/cell_fuses.py" />
      <source>Each fuse wire lets go of a cell shorted inside by up to %1, from %2 on; a softer short it does not see. A melted one shows in no voltage at rest: the group just has %3.</source>
      <translation>Jeder Sicherungsdraht trennt eine innen mit bis zu %1 kurzgeschlossene Zelle, ab %2; einen weicheren Kurzschluss sieht er nicht. Ein geschmolzener zeigt sich in keiner Ruhespannung: die Gruppe hat nur %3.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/cell_fuses.py" />
      <source>Fuse wire of %1 mm</source>
      <translation>Sicherungsdraht von %1 mm</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/cell_fuses.py" />
      <source>Fuse wires are laid over windows of cut plates; strips lie on the plus itself.</source>
      <translation>Sicherungsdrähte liegen über Fenstern geschnittener Platten; Streifen liegen auf dem Plus selbst.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/cell_fuses.py" />
      <source>Its neighbours hold the group's voltage; only a test under load or of capacity finds it.</source>
      <translation>Ihre Nachbarn halten die Spannung der Gruppe; nur eine Prüfung unter Last oder der Kapazität findet es.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/cell_fuses.py" />
      <source>No fuse wires</source>
      <translation>Keine Sicherungsdrähte</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/cell_fuses.py" />
      <source>With one cell in a group no neighbour feeds a shorted cell: fuse wires serve nothing.</source>
      <translation>Bei einer Zelle je Gruppe speist kein Nachbar eine kurzgeschlossene Zelle: Sicherungsdrähte nützen nichts.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/cell_fuses.py" />
      <source>With two cells in a group the wires of both carry the same current: one that melts may be the good cell's.</source>
      <translation>Bei zwei Zellen je Gruppe tragen die Drähte beider denselben Strom: der schmelzende kann der der guten Zelle sein.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/cell_fuses.py" />
      <source>and there is no main fuse</source>
      <translation>und es gibt keine Hauptsicherung</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/cell_fuses.py" />
      <source>before the %1</source>
      <translation>vor %1</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/cell_fuses.py" />
      <source>is %1 K hotter in its middle than its ends</source>
      <translation>ist in der Mitte %1 K heißer als an den Enden</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/cells.py" />
      <source>%1 cells in parallel take</source>
      <translation>%1 parallele Zellen nehmen</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/cells.py" />
      <source>; network of the real layout at rest</source>
      <translation>; Netzwerk der wirklichen Anordnung in Ruhe</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/cells.py" />
      <source>A cell outside its window is damaged; charging it again may start a fire.</source>
      <translation>Eine Zelle außerhalb ihres Bereichs ist beschädigt; sie wieder zu laden kann einen Brand auslösen.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/cells.py" />
      <source>A wrap is not sound: the can under it is negative and live.</source>
      <translation>Eine Hülle ist nicht heil: der Becher darunter ist Minus und unter Spannung.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/cells.py" />
      <source>Above its continuous current a cell overheats and ages within weeks; it may vent.</source>
      <translation>Über ihrem Dauerstrom überhitzt eine Zelle und altert in Wochen; sie kann abblasen.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/cells.py" />
      <source>Cell %1 gives %2 %3, more than its even part: the strips and its resistance make it so; the limit is %4.</source>
      <translation>Zelle %1 gibt %2 %3, mehr als ihr gleicher Teil: Streifen und ihr Widerstand machen es so; die Grenze ist %4.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/cells.py" />
      <source>Cells scatter and age; the best of a group carries more than its share.</source>
      <translation>Zellen streuen und altern; die beste einer Gruppe trägt mehr als ihren Teil.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/cells.py" />
      <source>Charge with %1</source>
      <translation>Laden mit %1</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/cells.py" />
      <source>Charging too fast plates lithium or overheats the cell.</source>
      <translation>Zu schnelles Laden scheidet Lithium ab oder überhitzt die Zelle.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/cells.py" />
      <source>Each cell gives %1 at the peak; its limit is %2.</source>
      <translation>Jede Zelle gibt in der Spitze %1; ihre Grenze ist %2.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/cells.py" />
      <source>Each cell gives %1 of its %2 steadily; there is little margin.</source>
      <translation>Jede Zelle gibt dauernd %1 von ihren %2; es ist wenig Reserve.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/cells.py" />
      <source>Each cell gives %1 steadily; its limit is %2.</source>
      <translation>Jede Zelle gibt dauernd %1; ihre Grenze ist %2.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/cells.py" />
      <source>In group %1 cell %2 stands at %3 and cell %4 at %5%6. Bring them within %7, or put one in another group.</source>
      <translation>In Gruppe %1 steht Zelle %2 auf %3 und Zelle %4 auf %5%6. Auf %7 aneinander bringen, oder eine in eine andere Gruppe.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/cells.py" />
      <source>Make it %1S%2P</source>
      <translation>%1S%2P daraus machen</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/cells.py" />
      <source>The cells differ by %1: joined in parallel two of them would exchange about %2. Bring them within %3 first.</source>
      <translation>Die Zellen unterscheiden sich um %1: parallel verbunden würden zwei davon etwa %2 austauschen. Zuerst auf %3 aneinander bringen.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/cells.py" />
      <source>The cells measure %1; sound ones lie between %2 and %3.</source>
      <translation>Die Zellen messen %1; gesunde liegen zwischen %2 und %3.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/cells.py" />
      <source>The charger gives %1; %2 %3.</source>
      <translation>Das Ladegerät gibt %1; %2 %3.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/cells.py" />
      <source>The moment the strip touches, the difference drives a current limited only by the cells.</source>
      <translation>Sobald der Streifen berührt, treibt der Unterschied einen Strom, den nur die Zellen begrenzen.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/cells.py" />
      <source>The moment the strip touches, the fuller cell drives a current into the emptier one.</source>
      <translation>Sobald der Streifen berührt, treibt die vollere Zelle einen Strom in die leerere.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/cells.py" />
      <source>The peak rating already allows for its short time.</source>
      <translation>Der Spitzenwert berücksichtigt seine kurze Zeit schon.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/cells.py" />
      <source>at the peak</source>
      <translation>in der Spitze</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/cells.py" />
      <source>the cell takes</source>
      <translation>die Zelle nimmt</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/charger.py" />
      <source>%1 carries %2; the charger gives %3.</source>
      <translation>%1 trägt %2; das Ladegerät gibt %3.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/charger.py" />
      <source>%1 for the charger's leads, with a %2 of their own</source>
      <translation>%1 für die Leitungen des Ladegeräts, mit eigener %2</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/charger.py" />
      <source>The %1 lets more through than the charger's %2 carries, %3.</source>
      <translation>%1 lässt mehr durch, als %2 des Ladegeräts trägt, %3.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/charger.py" />
      <source>The charger's %1 breaks %2; a short drives about %3.</source>
      <translation>%1 des Ladegeräts schaltet %2 ab; ein Kurzschluss treibt etwa %3.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/charger.py" />
      <source>The charger's %1 can be mated backwards at %2.</source>
      <translation>%1 des Ladegeräts lässt sich bei %2 verkehrt stecken.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/charger.py" />
      <source>The charger's %1: %2. %3 of charge flow.</source>
      <translation>%1 des Ladegeräts: %2. %3 Ladestrom fließen.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/charger.py" />
      <source>The charger's connector is as live as the load's, and for longer.</source>
      <translation>Der Stecker des Ladegeräts steht so unter Spannung wie der des Verbrauchers, und länger.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/charger.py" />
      <source>The charger's leads of %1 have no fuse: a short in them burns them.</source>
      <translation>Die Leitungen des Ladegeräts aus %1 haben keine Sicherung: ein Kurzschluss darin verbrennt sie.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/charger.py" />
      <source>The pack drives its whole short-circuit current into the charger's leads; the main fuse lets through more than they stand.</source>
      <translation>Der Pack treibt seinen ganzen Kurzschlussstrom in die Leitungen des Ladegeräts; die Hauptsicherung lässt mehr durch, als sie vertragen.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/charger.py" />
      <source>Use a %1 for the charger</source>
      <translation>%1 für das Ladegerät nehmen</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/charger.py" />
      <source>class values, as for the load's connector</source>
      <translation>Klassenwerte, wie für den Stecker des Verbrauchers</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/charger.py" />
      <source>heat balance of an insulated wire;</source>
      <translation>Wärmebilanz einer isolierten Leitung;</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/existing.py" />
      <source>; iron phosphate rests near 3.3 V and is overcharged above 3.65 V</source>
      <translation>; Eisenphosphat ruht nahe 3.3 V und ist über 3.65 V überladen</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/existing.py" />
      <source>Insulation hides the copper; a thick wire may be a thin one in a thick cover.</source>
      <translation>Isolierung verbirgt das Kupfer; eine dicke Leitung kann eine dünne in dicker Hülle sein.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/existing.py" />
      <source>It is over %1 V.</source>
      <translation>Er liegt über %1 V.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/existing.py" />
      <source>The cells are not known: each figure is the worst of size %1. Until one is measured, draw no more than %2, charge with no more than %3, and promise no energy, no run time and no sag (%4 Ah is the least of its size). They count as %5: no charge before their chemistry is known%6.</source>
      <translation>Die Zellen sind nicht bekannt: jede Zahl ist die schlechteste der Größe %1. Bis eine gemessen ist, höchstens %2 ziehen, mit höchstens %3 laden und weder Energie noch Laufzeit noch Einbruch versprechen (%4 Ah ist das Kleinste ihrer Größe). Sie gelten als %5: keine Ladung, bevor ihre Chemie bekannt ist%6.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/existing.py" />
      <source>The gauge of the leads is not known and counts as %1: strip a little, count and measure the strands, and enter it in Leads.</source>
      <translation>Der Querschnitt der Leitungen ist nicht bekannt und gilt als %1: ein wenig abisolieren, die Litzen zählen und messen, und in Leitungen eintragen.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/existing.py" />
      <source>What a cell can do is not told by its size: two of one size may differ four times in current.</source>
      <translation>Was eine Zelle kann, sagt ihre Größe nicht: zwei von einer Größe können sich im Strom um das Vierfache unterscheiden.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/existing.py" />
      <source>What a connector carries, and whether it can be mated backwards, is not told by its looks.</source>
      <translation>Was ein Stecker trägt, und ob er sich verkehrt stecken lässt, sieht man ihm nicht an.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/existing.py" />
      <source>Whether there is a fuse is not known: work as if there were none. A short drives about %1.%2</source>
      <translation>Ob eine Sicherung da ist, ist nicht bekannt: arbeiten, als wäre keine da. Ein Kurzschluss treibt etwa %1.%2</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/existing.py" />
      <source>Which connector is on it is not known: nothing is promised of what it carries, nor that it cannot be mated backwards. Measure its contacts, and enter it in Leads.</source>
      <translation>Welcher Stecker daran ist, ist nicht bekannt: nichts wird versprochen, was er trägt, noch dass er sich nicht verkehrt stecken lässt. Seine Kontakte messen und in Leitungen eintragen.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/existing.py" />
      <source>Whoever trusts a fuse that is not there has none.</source>
      <translation>Wer sich auf eine Sicherung verlässt, die nicht da ist, hat keine.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/forms.py" />
      <source>A stick has no layers and no halves.</source>
      <translation>Ein Stab hat weder Lagen noch Hälften.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/forms.py" />
      <source>A stiff tab pulls at its welds when it is folded, and cracks in the fold.</source>
      <translation>Eine steife Fahne zieht beim Falten an ihren Schweißungen und reißt im Falz.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/forms.py" />
      <source>Cells are folded at single tabs; ladder strip would be folded along its welds.</source>
      <translation>Zellen werden an einzelnen Fahnen gefaltet; Leiterstreifen würde entlang seiner Schweißungen gefaltet.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/forms.py" />
      <source>Cells are folded at tabs of strip; plates and screws cannot be folded.</source>
      <translation>Zellen werden an Fahnen aus Streifen gefaltet; Platten und Schrauben lassen sich nicht falten.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/forms.py" />
      <source>Cells in places of their own cannot be folded into a stick.</source>
      <translation>Zellen auf eigenen Plätzen lassen sich nicht zu einem Stab falten.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/forms.py" />
      <source>Flat cells are not folded end to end: let them stand or lie.</source>
      <translation>Flache Zellen werden nicht Ende an Ende gefaltet: stehen oder liegen lassen.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/forms.py" />
      <source>Its height differs from place to place: only cells along it are held against its outline.</source>
      <translation>Seine Höhe ist von Ort zu Ort verschieden: nur längs liegende Zellen werden gegen seinen Umriss gehalten.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/forms.py" />
      <source>Lay the cells along it</source>
      <translation>Die Zellen längs legen</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/forms.py" />
      <source>One block</source>
      <translation>Ein Block</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/forms.py" />
      <source>Only a straight open row of round cells in one block can be folded at its tabs.</source>
      <translation>Nur eine gerade offene Reihe runder Zellen in einem Block lässt sich an ihren Fahnen falten.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/forms.py" />
      <source>Stand the cells</source>
      <translation>Die Zellen stellen</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/forms.py" />
      <source>Tabs of %1</source>
      <translation>Fahnen aus %1</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/forms.py" />
      <source>The space is given as seen from its end; only cells that lie along it are judged against that outline.</source>
      <translation>Der Raum ist vom Ende her gegeben; nur längs liegende Zellen werden gegen diesen Umriss beurteilt.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/forms.py" />
      <source>The tabs are %1 mm thick; up to %2 mm is folded without cracking.</source>
      <translation>Die Fahnen sind %1 mm dick; bis %2 mm faltet man ohne Riss.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/forms.py" />
      <source>geometry of the space</source>
      <translation>Geometrie des Raums</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/fuses.py" />
      <source>%1 mm of wire lie between pack and fuse; within %2 mm is right, with a second sleeve over that part.</source>
      <translation>%1 mm Leitung liegen zwischen Pack und Sicherung; höchstens %2 mm ist richtig, mit einem zweiten Schlauch über diesem Stück.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/fuses.py" />
      <source>A fuse outside these blows in use, comes too late, or burns on as an arc.</source>
      <translation>Eine Sicherung außerhalb davon brennt im Betrieb durch, kommt zu spät, oder brennt als Lichtbogen weiter.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/fuses.py" />
      <source>A short in the leads is then limited only by the cells.</source>
      <translation>Einen Kurzschluss in den Leitungen begrenzen dann nur die Zellen.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/fuses.py" />
      <source>At those currents the wire or strip is damaged before the fuse opens.</source>
      <translation>Bei diesen Strömen nehmen Leitung oder Streifen Schaden, bevor die Sicherung öffnet.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/fuses.py" />
      <source>Between %1 and %2 the %3 may open later than the %4 wire stands.</source>
      <translation>Zwischen %1 und %2 kann %3 später öffnen, als die Leitung (%4) aushält.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/fuses.py" />
      <source>From %1 the %2 may open later than the collecting strip stands.</source>
      <translation>Ab %1 kann %2 später öffnen, als der Sammelstreifen aushält.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/fuses.py" />
      <source>It blows, or ages a little at each plugging in and blows one day in use.</source>
      <translation>Sie brennt durch, oder altert bei jedem Einstecken ein wenig und brennt eines Tages im Betrieb durch.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/fuses.py" />
      <source>Plugging in lets %1 A²s through the %2, which melts from %3 A²s: precharge with %4 Ω.</source>
      <translation>Beim Einstecken gehen %1 A²s durch %2, die ab %3 A²s schmilzt: über %4 Ω vorladen.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/fuses.py" />
      <source>Put the fuse at the pack</source>
      <translation>Die Sicherung an den Pack setzen</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/fuses.py" />
      <source>Strip that glows before the fuse opens burns what lies on it.</source>
      <translation>Ein Streifen, der glüht, bevor die Sicherung öffnet, verbrennt, was auf ihm liegt.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/fuses.py" />
      <source>The fuse breaks %1; a short drives about %2.</source>
      <translation>Die Sicherung schaltet %1 ab; ein Kurzschluss treibt etwa %2.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/fuses.py" />
      <source>The fuse holds %1, the wire carries %2.</source>
      <translation>Die Sicherung hält %1, die Leitung trägt %2.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/fuses.py" />
      <source>The fuse is for %1 d.c.; the full pack gives %2 and would hold an arc.</source>
      <translation>Die Sicherung ist für %1 Gleichspannung; der volle Pack gibt %2 und würde einen Lichtbogen halten.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/fuses.py" />
      <source>The fuse is rated %1; this load, with its peak of %2, needs %3 of this kind so that it does not blow in use.</source>
      <translation>Die Sicherung hat %1 Nennstrom; dieser Verbraucher mit seiner Spitze von %2 braucht %3 dieser Art, damit sie im Betrieb nicht durchbrennt.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/fuses.py" />
      <source>There is no fuse: a short drives about %1, which the wire withstands for %2 s.</source>
      <translation>Es gibt keine Sicherung: ein Kurzschluss treibt etwa %1, was die Leitung %2 s aushält.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/fuses.py" />
      <source>Use a %1</source>
      <translation>Nehmen: %1</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/fuses.py" />
      <source>Use a %1 and %2</source>
      <translation>%1 und %2 nehmen</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/fuses.py" />
      <source>What lies between pack and fuse is protected by nothing.</source>
      <translation>Was zwischen Pack und Sicherung liegt, ist durch nichts geschützt.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/fuses.py" />
      <source>opening times of the fuse's class against the strip's heat balance in time, from the steady load</source>
      <translation>Öffnungszeiten der Sicherungsklasse gegen die Wärmebilanz des Streifens in der Zeit, von der Dauerlast aus</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/fuses.py" />
      <source>rating between load and wire; breaking capacity; d.c. voltage</source>
      <translation>Bemessung zwischen Verbraucher und Leitung; Schaltvermögen; Gleichspannung</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/fuses.py" />
      <source>time-current bands in the manner of ISO 8820, IEC 60364-4-43 k²S², values from memory</source>
      <translation>Zeit-Strom-Bänder nach Art von ISO 8820, IEC 60364-4-43 k²S², Werte aus dem Gedächtnis</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/fuses.py" />
      <source>∫i²dt = CV²/2R against the fuse's melting I²t;</source>
      <translation>∫i²dt = CV²/2R gegen das Schmelz-I²t der Sicherung;</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/host_charger.py" />
      <source>A charger goes on doing what it was made for; it does not see that other cells are in.</source>
      <translation>Ein Ladegerät tut weiter, wofür es gemacht ist; es sieht nicht, dass andere Zellen darin sind.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/host_charger.py" />
      <source>Charged in the host: %1%2</source>
      <translation>Im Gerät geladen: %1%2</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/host_charger.py" />
      <source>Not to be charged in the host. %1</source>
      <translation>Im Gerät nicht zu laden. %1</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/host_charger.py" />
      <source>What a charger does at the end decides how long cells last, and whether they get hot.</source>
      <translation>Was ein Ladegerät am Ende tut, entscheidet, wie lange Zellen halten und ob sie heiß werden.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/host_charger.py" />
      <source>charge method of the chemistry (IEC 61951-2, from memory); common practice, no source</source>
      <translation>Ladeverfahren der Chemie (IEC 61951-2, aus dem Gedächtnis); übliche Praxis, ohne Quelle</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/insulation.py" />
      <source>%1 is %2 flat; it slides on from %3.</source>
      <translation>%1 ist %2 flach; aufschieben lässt er sich ab %3.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/insulation.py" />
      <source>%1 shrinks to %2 flat; the pack is %3, so it stays loose.</source>
      <translation>%1 schrumpft auf %2 flach; der Pack hat %3, er bleibt also lose.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/insulation.py" />
      <source>A sleeve that is forced on tears at the first corner; one that is loose protects nothing.</source>
      <translation>Ein aufgezwängter Schlauch reißt an der ersten Ecke; ein loser schützt nichts.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/insulation.py" />
      <source>Bare joints and rims are live; extra insulation weighs two or three grams.</source>
      <translation>Blanke Verbindungen und Ränder stehen unter Spannung; zusätzliche Isolierung wiegt zwei, drei Gramm.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/insulation.py" />
      <source>Carriers ask for it; the rating in watt-hours is marked on the case.</source>
      <translation>Beförderer verlangen es; die Wattstunden stehen auf dem Gehäuse.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/insulation.py" />
      <source>For transport this is a %1.</source>
      <translation>Für den Versand ist dies eine %1.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/insulation.py" />
      <source>In two years somebody has to know which pack this is.</source>
      <translation>In zwei Jahren muss jemand wissen, welcher Pack das ist.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/insulation.py" />
      <source>One sleeve leaves both ends open; a second across it closes them.</source>
      <translation>Ein Schlauch lässt beide Enden offen; ein zweiter quer dazu schließt sie.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/insulation.py" />
      <source>One sleeve leaves the ends open, and it gets wet or shaken.</source>
      <translation>Ein Schlauch lässt die Enden offen, und er wird nass oder gerüttelt.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/insulation.py" />
      <source>Strip edges wear through sleeve in use.</source>
      <translation>Streifenkanten scheuern sich im Gebrauch durch den Schlauch.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/insulation.py" />
      <source>The pack has no sleeve.</source>
      <translation>Der Pack hat keinen Schlauch.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/insulation.py" />
      <source>The passport has no %1.</source>
      <translation>Im Pass fehlt: %1.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/insulation.py" />
      <source>The second sleeve</source>
      <translation>Der zweite Schlauch</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/insulation.py" />
      <source>The sheet over the joints is %1 mm; 0.10 mm is the least.</source>
      <translation>Die Folie über den Verbindungen hat %1 mm; 0,10 mm ist das wenigste.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/insulation.py" />
      <source>The sleeve</source>
      <translation>Der Schlauch</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/insulation.py" />
      <source>UN Manual of Tests and Criteria 38.3 (from memory)</source>
      <translation>UN-Handbuch über Prüfungen und Kriterien 38.3 (aus dem Gedächtnis)</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/insulation.py" />
      <source>Use %1 across</source>
      <translation>%1 quer nehmen</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/insulation.py" />
      <source>Use 0.25 mm sheet</source>
      <translation>Folie von 0,25 mm nehmen</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/insulation.py" />
      <source>flat width = half the perimeter, plus ease</source>
      <translation>flache Breite = halber Umfang und Zugabe</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/ladders.py" />
      <source>%1 is %2 wide; two rows %3 apart need %4.</source>
      <translation>%1 ist %2 breit; zwei Reihen im Abstand %3 brauchen %4.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/ladders.py" />
      <source>A ladder needs two straight rows of as many cells, each facing one of the other row.</source>
      <translation>Ein Leiterstreifen braucht zwei gerade Reihen gleich vieler Zellen, jede einer der anderen Reihe gegenüber.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/ladders.py" />
      <source>A weld at the very edge of the strip tears out, and one beside it joins nothing.</source>
      <translation>Eine Schweißung ganz am Rand des Streifens reißt aus, und eine daneben verbindet nichts.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/ladders.py" />
      <source>No ladder strip</source>
      <translation>Kein Leiterstreifen</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/ladders.py" />
      <source>The ladder strip fits at %1 of %2 tap points between groups; strips are laid at the others, whose pads do not lie in two facing rows.</source>
      <translation>Der Leiterstreifen passt an %1 von %2 Abgriffen zwischen Gruppen; an den anderen, deren Pads nicht in zwei Reihen gegenüberliegen, liegen Streifen.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/ladders.py" />
      <source>The ladder strip fits at no tap point, as no pads lie in two facing rows; strips are laid.</source>
      <translation>Der Leiterstreifen passt an keinem Abgriff, da keine Pads in zwei Reihen gegenüberliegen; es liegen Streifen.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/ladders.py" />
      <source>geometry of the layout</source>
      <translation>Geometrie der Anordnung</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/layout.py" />
      <source>%1 cells stand</source>
      <translation>%1 Zellen stehen</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/layout.py" />
      <source>%1 crosses from one block to the next: use flexible insulated wire of at least %2 there, not strip.</source>
      <translation>%1 geht von einem Block zum nächsten: dort biegsame isolierte Leitung von mindestens %2 nehmen, keinen Streifen.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/layout.py" />
      <source>%1 of groups %2 and %3 touch%4 the other group</source>
      <translation>%1 der Gruppen %2 und %3 berühren die andere Gruppe</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/layout.py" />
      <source>%1 the load gets %2; %3 is wanted. Measure the cells.</source>
      <translation>%1 bekommt der Verbraucher %2; gewünscht sind %3. Die Zellen messen.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/layout.py" />
      <source>%1 the load sees %2 %3; it needs %4. Measure the cells.</source>
      <translation>%1 sieht der Verbraucher %2 %3; er braucht %4. Die Zellen messen.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/layout.py" />
      <source>%1 too near to the edge of the space or a blocked place: %2, %3 is needed for clearance, sheet and sleeve. Find places anew, or move it.</source>
      <translation>%1 zu nah am Rand des Raums oder an einem gesperrten Platz: %2, nötig sind %3 für Luft, Folie und Schlauch. Plätze neu suchen, oder sie verschieben.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/layout.py" />
      <source>%1; every group must have %2.</source>
      <translation>%1; jede Gruppe muss %2 haben.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/layout.py" />
      <source>; sort the groups again, or try another lattice or one cell fewer in parallel.</source>
      <translation>; die Gruppen neu sortieren, oder ein anderes Gitter oder eine Zelle weniger parallel versuchen.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/layout.py" />
      <source>A cell pressed against the wall or a post is dented or rubs its wrap through.</source>
      <translation>Eine gegen Wand oder Steg gedrückte Zelle wird eingedellt oder scheuert ihre Hülle durch.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/layout.py" />
      <source>A cell turned the wrong way in its group is a dead short through the first strip.</source>
      <translation>Eine in ihrer Gruppe verkehrte Zelle ist ein satter Kurzschluss durch den ersten Streifen.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/layout.py" />
      <source>A full pack above what the load accepts destroys the load at first plugging in.</source>
      <translation>Ein voller Pack über dem, was der Verbraucher verträgt, zerstört ihn beim ersten Einstecken.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/layout.py" />
      <source>A pack that is squeezed in presses on cells, wraps and joints.</source>
      <translation>Ein eingezwängter Pack drückt auf Zellen, Hüllen und Verbindungen.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/layout.py" />
      <source>A strip between the parts of a torn group runs over cells of another potential.</source>
      <translation>Ein Streifen zwischen den Teilen einer zerrissenen Gruppe läuft über Zellen anderen Potentials.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/layout.py" />
      <source>Arrange the cells %1 across, %2</source>
      <translation>Die Zellen %1 quer anordnen, %2</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/layout.py" />
      <source>At %1 it may give as little as %2; %3 is wanted. The run on the Brief page works it out for the whole pack.</source>
      <translation>Bei %1 kann er nur %2 geben; gewünscht sind %3. Der Lauf auf der Seite Vorgabe rechnet es für den ganzen Pack aus.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/layout.py" />
      <source>At %1 the peak will pull the load down to %2 once the cells are worn; it needs %3.</source>
      <translation>Bei %1 zieht die Spitze den Verbraucher auf %2, sobald die Zellen verbraucht sind; er braucht %3.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/layout.py" />
      <source>At %1, full and rested, the peak of %2 pulls the load down to %3; it needs %4. Warm the pack first, or take more cells in parallel.</source>
      <translation>Bei %1, voll und ausgeruht, zieht die Spitze von %2 den Verbraucher auf %3; er braucht %4. Den Pack vorher wärmen, oder mehr Zellen parallel nehmen.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/layout.py" />
      <source>Beyond the clearance only %1 is left. Measure the real hole.</source>
      <translation>Über die Luft hinaus bleiben nur %1. Das wirkliche Loch messen.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/layout.py" />
      <source>Blocks move against each other; stiff strip between them tears its welds.</source>
      <translation>Blöcke bewegen sich gegeneinander; steifer Streifen dazwischen reißt seine Schweißungen ab.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/layout.py" />
      <source>Cell %1 stands</source>
      <translation>Zelle %1 steht</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/layout.py" />
      <source>Cell %1%2 stands the other way than the rest of group %3: it would short the group.</source>
      <translation>Zelle %1%2 steht umgekehrt wie der Rest von Gruppe %3: sie würde ihn kurzschließen.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/layout.py" />
      <source>Cells %1 and %2%3 overlap; their centres must be %4 apart.</source>
      <translation>Die Zellen %1 und %2%3 überlappen; ihre Mitten müssen %4 auseinander liegen.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/layout.py" />
      <source>Cells of a class differ; until they are measured the pack may be one of the weaker ones.</source>
      <translation>Zellen einer Klasse sind verschieden; bis sie gemessen sind, kann der Pack einer der schwächeren sein.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/layout.py" />
      <source>Cells without a link of their own send their current along the parallel strip.</source>
      <translation>Zellen ohne eigenen Übergang schicken ihren Strom über den Parallelstreifen.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/layout.py" />
      <source>Cold cells resist more: a load that runs in summer may not start in winter.</source>
      <translation>Kalte Zellen haben mehr Widerstand: was im Sommer läuft, startet im Winter vielleicht nicht.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/layout.py" />
      <source>Compartments of one nominal size differ by fractions of a millimetre.</source>
      <translation>Fächer gleicher Nenngröße unterscheiden sich um Bruchteile eines Millimeters.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/layout.py" />
      <source>Find places in the Layout stage.</source>
      <translation>Im Abschnitt Anordnung Plätze suchen.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/layout.py" />
      <source>Fully charged it gives %1; the load accepts %2.</source>
      <translation>Voll geladen gibt er %1; der Verbraucher verträgt %2.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/layout.py" />
      <source>Group %1 is torn into %2 parts: %3 apart from the rest.</source>
      <translation>Gruppe %1 ist in %2 Teile zerrissen: %3 vom Rest getrennt.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/layout.py" />
      <source>Groups %1 and %2 stand the same way up: no strip on one face can join them.</source>
      <translation>Die Gruppen %1 und %2 stehen gleich herum: kein Streifen auf einer Seite kann sie verbinden.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/layout.py" />
      <source>It delivers %1 to the load; %2 is wanted.</source>
      <translation>Er liefert dem Verbraucher %1; gewünscht sind %2.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/layout.py" />
      <source>It does not fit the space with the clearance asked for: %1.</source>
      <translation>Er passt nicht mit der verlangten Luft in den Raum: %1.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/layout.py" />
      <source>It weighs %1 without the insulation; the limit is %2.</source>
      <translation>Er wiegt ohne die Isolierung %1; die Grenze ist %2.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/layout.py" />
      <source>It will not run as long as asked.</source>
      <translation>Er läuft nicht so lange wie verlangt.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/layout.py" />
      <source>Leave the sleeves out, sheet and tape instead</source>
      <translation>Die Schläuche weglassen, stattdessen Folie und Band</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/layout.py" />
      <source>No cell</source>
      <translation>Keine Zelle</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/layout.py" />
      <source>Only %1 of %2</source>
      <translation>Nur %1 von %2</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/layout.py" />
      <source>Plus of one group and minus of the next must lie on one face to be joined by strip.</source>
      <translation>Plus der einen und Minus der nächsten Gruppe müssen auf einer Seite liegen, um durch Streifen verbunden zu werden.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/layout.py" />
      <source>Put each group in one column, %1 across</source>
      <translation>Jede Gruppe in eine Spalte setzen, %1 quer</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/layout.py" />
      <source>Sleeve spans inner corners in a straight line; a pack for an inner corner needs sheet and tape instead.</source>
      <translation>Ein Schlauch überspannt Innenecken geradlinig; ein Pack für eine Innenecke braucht stattdessen Folie und Band.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/layout.py" />
      <source>The cells fit the outline, a sleeve round them does not: it would span an inner corner or a post.</source>
      <translation>Die Zellen passen in den Umriss, ein Schlauch darum nicht: er würde eine Innenecke oder einen Steg überspannen.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/layout.py" />
      <source>The limit was set in the brief.</source>
      <translation>Die Grenze wurde in der Vorgabe gesetzt.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/layout.py" />
      <source>The load sees %1 %2; it needs %3.</source>
      <translation>Der Verbraucher sieht %1 %2; er braucht %3.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/layout.py" />
      <source>The load switches off before the cells are empty.</source>
      <translation>Der Verbraucher schaltet ab, bevor die Zellen leer sind.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/layout.py" />
      <source>The smallest group is empty first and is driven on by the others; the largest is never full.</source>
      <translation>Die kleinste Gruppe ist zuerst leer und wird von den anderen weitergetrieben; die größte wird nie voll.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/layout.py" />
      <source>Two cells cannot stand in one place.</source>
      <translation>Zwei Zellen können nicht an einem Platz stehen.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/layout.py" />
      <source>With cells that resist as much as any of their class</source>
      <translation>Mit Zellen von so viel Widerstand wie nur irgendeine ihrer Klasse</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/layout.py" />
      <source>and %1 more pairs</source>
      <translation>und %1 weitere Paare</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/layout.py" />
      <source>at the peak with %1 left</source>
      <translation>in der Spitze, wenn %1 übrig sind</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/layout.py" />
      <source>at the steady current with %1 left</source>
      <translation>beim Dauerstrom, wenn %1 übrig sind</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/layout.py" />
      <source>cell model of the class at the steady current, 25 °C</source>
      <translation>Zellmodell der Klasse beim Dauerstrom, 25 °C</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/layout.py" />
      <source>cell model of the class from full at the coldest place, resistance of the whole loop</source>
      <translation>Zellmodell der Klasse von voll am kältesten Ort, Widerstand der ganzen Schleife</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/layout.py" />
      <source>cell model of the class, resistance of the whole loop</source>
      <translation>Zellmodell der Klasse, Widerstand der ganzen Schleife</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/layout.py" />
      <source>es</source>
      <translation>es</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/layout.py" />
      <source>greatest resistance of cells of the class, see docs/run.md</source>
      <translation>größter Widerstand von Zellen der Klasse, siehe docs/run.md</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/layout.py" />
      <source>outer size with the largest cells of the class</source>
      <translation>Außenmaß mit den größten Zellen der Klasse</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/layout.py" />
      <source>outline of the space, blocked places, largest cells of the class</source>
      <translation>Umriss des Raums, gesperrte Stellen, größte Zellen der Klasse</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/layout.py" />
      <source>outline of the space, convex hull of the cells</source>
      <translation>Umriss des Raums, konvexe Hülle der Zellen</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/layout.py" />
      <source>sum of the parts</source>
      <translation>Summe der Teile</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/leads.py" />
      <source>%1 %2 in the peak of %3; %4 is asked for.</source>
      <translation>%1 %2 in der Spitze von %3; verlangt sind %4.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/leads.py" />
      <source>%1 %2 in the peak of %3; its insulation stands %4.</source>
      <translation>%1 %2 in der Spitze von %3; seine Isolierung verträgt %4.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/leads.py" />
      <source>%1 (%2) does not fit the cup: it takes %3.</source>
      <translation>%1 (%2) passt nicht in den Kelch: er nimmt %3.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/leads.py" />
      <source>%1 and a %2</source>
      <translation>%1 und %2</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/leads.py" />
      <source>%1 between pack and load loses %2 mV at the steady current; change the connector instead.</source>
      <translation>%1 zwischen Pack und Verbraucher verliert %2 mV beim Dauerstrom; stattdessen den Stecker wechseln.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/leads.py" />
      <source>%1 carries %2 at %3; %4%5.</source>
      <translation>%1 trägt %2 bei %3; %4%5.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/leads.py" />
      <source>%1 for %2%3</source>
      <translation>%1 für %2%3</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/leads.py" />
      <source>%1 is drawn</source>
      <translation>%1 werden gezogen</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/leads.py" />
      <source>%1 is the mean square of what is drawn</source>
      <translation>%1 ist das quadratische Mittel dessen, was gezogen wird</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/leads.py" />
      <source>%1 leads of %2 for each pole</source>
      <translation>%1 Leitungen %2 für jeden Pol</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/leads.py" />
      <source>%1 of the voltage is lost inside at the steady current: %2 W of heat in cells and strips.</source>
      <translation>%1 der Spannung gehen beim Dauerstrom im Inneren verloren: %2 W Wärme in Zellen und Streifen.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/leads.py" />
      <source>%1 with %2 is soldered for about %3 s: the insulation draws back.</source>
      <translation>%1 mit %2 wird etwa %3 s gelötet: die Isolierung zieht sich zurück.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/leads.py" />
      <source>%1 with lugs on studs</source>
      <translation>%1 mit Kabelschuhen auf Bolzen</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/leads.py" />
      <source>(it would burn its insulation)</source>
      <translation>(es würde ihre Isolierung verbrennen)</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/leads.py" />
      <source>60 V d.c., IEC 62368-1 ES1 limit (value from memory)</source>
      <translation>60 V Gleichspannung, IEC 62368-1 ES1-Grenze (Wert aus dem Gedächtnis)</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/leads.py" />
      <source>A chain of %1 adapters</source>
      <translation>Eine Kette von %1 Adaptern</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/leads.py" />
      <source>A lead this hot softens sleeve and connector, and burns the hand.</source>
      <translation>Eine so heiße Leitung erweicht Schlauch und Stecker und verbrennt die Hand.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/leads.py" />
      <source>A pack is always live: its contacts must not be touchable.</source>
      <translation>Ein Pack steht immer unter Spannung: seine Kontakte dürfen nicht berührbar sein.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/leads.py" />
      <source>Above it touching both contacts can hurt.</source>
      <translation>Darüber kann das Berühren beider Kontakte verletzen.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/leads.py" />
      <source>An adapter</source>
      <translation>Ein Adapter</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/leads.py" />
      <source>At the peak the leads lose %1; %2 is allowed.</source>
      <translation>In der Spitze verlieren die Leitungen %1; erlaubt sind %2.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/leads.py" />
      <source>Cells, strips and leads all warm with the square of the current.</source>
      <translation>Zellen, Streifen und Leitungen erwärmen sich alle mit dem Quadrat des Stroms.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/leads.py" />
      <source>Cut strands or a wire half outside the cup make a joint that lets go.</source>
      <translation>Abgeschnittene Litzen oder eine halb aus dem Kelch stehende Leitung geben eine Verbindung, die sich löst.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/leads.py" />
      <source>Each adapter is two more pairs of contacts to warm, to come loose and to be made up with the poles exchanged.</source>
      <translation>Jeder Adapter ist zwei Kontaktpaare mehr, die warm werden, sich lösen und verpolt gefertigt sein können.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/leads.py" />
      <source>In the peak of %1 the contacts reach %2%3; %4 is what the body stands.</source>
      <translation>In der Spitze von %1 erreichen die Kontakte %2%3; %4 ist, was das Gehäuse aushält.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/leads.py" />
      <source>Insulation that is cooked once cracks later, where nobody looks.</source>
      <translation>Einmal verbrannte Isolierung reißt später, wo niemand hinsieht.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/leads.py" />
      <source>No adapter</source>
      <translation>Kein Adapter</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/leads.py" />
      <source>Overloaded contacts melt their housing, and then the poles can touch.</source>
      <translation>Überlastete Kontakte schmelzen ihr Gehäuse, und dann können die Pole sich berühren.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/leads.py" />
      <source>Plugged in backwards once, the load is destroyed or the pack is shorted through it.</source>
      <translation>Einmal verkehrt gesteckt ist der Verbraucher zerstört oder der Pack durch ihn kurzgeschlossen.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/leads.py" />
      <source>Plugging in charges the load's capacitors with %1 J through the contacts: use a spark-limiting connector, or precharge through %2 Ω, %3 W.</source>
      <translation>Beim Einstecken werden die Kondensatoren des Verbrauchers mit %1 J durch die Kontakte geladen: einen funkenhemmenden Stecker nehmen, oder über %2 Ω, %3 W vorladen.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/leads.py" />
      <source>The connector can be mated backwards.</source>
      <translation>Der Stecker lässt sich verkehrt stecken.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/leads.py" />
      <source>The connector carries %1 at %2, limited by %3; %4 is drawn.</source>
      <translation>Der Stecker trägt %1 bei %2, begrenzt durch %3; entnommen werden %4.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/leads.py" />
      <source>The connector is for %1; the full pack gives %2.</source>
      <translation>Der Stecker ist für %1; der volle Pack gibt %2.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/leads.py" />
      <source>The connector takes %1 at the peak; %2 is drawn.</source>
      <translation>Der Stecker nimmt in der Spitze %1; %2 werden gezogen.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/leads.py" />
      <source>The full pack gives %1, over %2: its connector must be one body with contacts out of reach of a finger.</source>
      <translation>Der volle Pack gibt %1, über %2: sein Stecker muss aus einem Stück sein, die Kontakte für keinen Finger erreichbar.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/leads.py" />
      <source>The half on the pack has exposed contacts.</source>
      <translation>Die Hälfte am Pack hat offene Kontakte.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/leads.py" />
      <source>The insulation draws back or melts while the cup comes to heat, and bare copper is left.</source>
      <translation>Die Isolierung zieht sich zurück oder schmilzt, während der Kelch warm wird, und blankes Kupfer bleibt.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/leads.py" />
      <source>The leads lose %1; %2 is allowed.</source>
      <translation>Die Leitungen verlieren %1; erlaubt sind %2.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/leads.py" />
      <source>The spark eats the contacts at each mating.</source>
      <translation>Der Funke frisst die Kontakte bei jedem Stecken.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/leads.py" />
      <source>Voltage lost in the leads is lost to the load and warms the leads.</source>
      <translation>In den Leitungen verlorene Spannung fehlt dem Verbraucher und wärmt die Leitungen.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/leads.py" />
      <source>burns its insulation</source>
      <translation>verbrennt seine Isolierung</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/leads.py" />
      <source>class value of the cup</source>
      <translation>Klassenwert des Kelchs</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/leads.py" />
      <source>class value, derated by ambient</source>
      <translation>Klassenwert, nach Umgebung herabgesetzt</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/leads.py" />
      <source>every %1</source>
      <translation>alle %1</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/leads.py" />
      <source>heat balance of an insulated wire, Churchill and Chu, checked against NFPA 70 table 310.17</source>
      <translation>Wärmebilanz einer isolierten Leitung, Churchill und Chu, geprüft an NFPA 70 Tabelle 310.17</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/leads.py" />
      <source>or more</source>
      <translation>oder mehr</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/leads.py" />
      <source>resistance at working temperature, both leads, contacts, fuse</source>
      <translation>Widerstand bei Betriebstemperatur, beide Leitungen, Kontakte, Sicherung</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/leads.py" />
      <source>transient of conductor and insulation with resistance that rises, checked against finite differences</source>
      <translation>Zeitverlauf von Leiter und Isolierung mit steigendem Widerstand, geprüft an finiten Differenzen</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/lugs.py" />
      <source>The bar ends that bear the lugs reach up to %1 past the cells, which the outer size does not count: leave that room, or bend them round the edge of the pack over insulation.</source>
      <translation>Die Schienenenden mit den Kabelschuhen ragen bis zu %1 über die Zellen hinaus, was das Außenmaß nicht zählt: diesen Raum lassen, oder sie über Isolierung um die Kante des Packs biegen.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/lugs.py" />
      <source>The outer size counts cells, sheet and sleeve, not bars that stick out.</source>
      <translation>Das Außenmaß zählt Zellen, Folie und Schlauch, keine herausragenden Schienen.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/lugs.py" />
      <source>geometry of lug, bar and cells</source>
      <translation>Geometrie von Kabelschuh, Schiene und Zellen</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/reclaimed.py" />
      <source>%1 more of the tested cells are out.</source>
      <translation>%1 weitere der getesteten Zellen fallen aus.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/reclaimed.py" />
      <source>: currents as one over resistance; heat as I²R</source>
      <translation>: Ströme wie Kehrwert des Widerstands; Wärme als I²R</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/reclaimed.py" />
      <source>Cell %1 carries %2 times its fair share beside %3.</source>
      <translation>Zelle %1 trägt neben %3 das %2-Fache ihres Anteils.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/reclaimed.py" />
      <source>Cell %1 is out: it %2.</source>
      <translation>Zelle %1 fällt aus: sie %2.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/reclaimed.py" />
      <source>Cell %1 makes %2 times the heat of the others in the same current.</source>
      <translation>Zelle %1 macht im selben Strom das %2-Fache der Wärme der anderen.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/reclaimed.py" />
      <source>In series the smallest group is empty first, and full first.</source>
      <translation>In Reihe ist die kleinste Gruppe zuerst leer und zuerst voll.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/reclaimed.py" />
      <source>Place %1 holds %2; %3 was matched for it.</source>
      <translation>Platz %1 hält %2; zugeteilt war ihm %3.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/reclaimed.py" />
      <source>Side by side the better cell carries the worse one's share; in series the worse one gets hot.</source>
      <translation>Nebeneinander trägt die bessere Zelle den Teil der schlechteren; in Reihe wird die schlechtere heiß.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/reclaimed.py" />
      <source>Sorted otherwise by %1: %2.</source>
      <translation>Anders sortiert nach %1: %2.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/reclaimed.py" />
      <source>The groups' capacities differ by %1.</source>
      <translation>Die Kapazitäten der Gruppen unterscheiden sich um %1.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/reclaimed.py" />
      <source>The weakest cell decides when a pack is empty, and is driven backwards after that.</source>
      <translation>Die schwächste Zelle entscheidet, wann ein Pack leer ist, und wird danach rückwärts getrieben.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/reclaimed.py" />
      <source>What was measured on the planned cell counts for the place; another cell there holds and resists otherwise.</source>
      <translation>Was an der geplanten Zelle gemessen wurde, gilt für den Platz; eine andere dort hält und widersteht anders.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/reclaimed.py" />
      <source>sums of the tested capacities;</source>
      <translation>Summen der getesteten Kapazitäten;</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/reclaimed.py" />
      <source>the serials that were matched and scanned</source>
      <translation>die zugeteilten und gescannten Seriennummern</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/records.py" />
      <source>%1 of the last %2 sample welds peeled clean off: change the setting and peel again before welding the pack.</source>
      <translation>%1 der letzten %2 Schweißproben schälten glatt ab: die Einstellung ändern und noch einmal schälen, bevor der Pack geschweißt wird.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/records.py" />
      <source>%1 sample welds peeled and all held: that proves %2 good welds with 90 % confidence; %3 prove 90 %.</source>
      <translation>%1 Schweißproben geschält, und alle hielten: das belegt mit 90 % Sicherheit %2 gute Schweißungen; %3 belegen 90 %.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/records.py" />
      <source>A joint that is not trusted is done again.</source>
      <translation>Eine Verbindung, der nicht zu trauen ist, wird neu gemacht.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/records.py" />
      <source>A leak between poles or to the case grows with damp and dirt.</source>
      <translation>Ein Leckstrom zwischen Polen oder zum Gehäuse wächst mit Feuchte und Schmutz.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/records.py" />
      <source>A proof counts only for what it was taken of.</source>
      <translation>Ein Beleg gilt nur für das, woran er genommen wurde.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/records.py" />
      <source>Insulation %1: %2 MΩ; more than %3 MΩ is right.</source>
      <translation>Isolierung %1: %2 MΩ; mehr als %3 MΩ ist richtig.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/records.py" />
      <source>Record %1, “%2”: an incident, and nothing is recorded of what was found and done.</source>
      <translation>Eintrag %1, „%2“: ein Vorfall, und nichts ist darüber eingetragen, was gefunden und getan wurde.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/records.py" />
      <source>Step %1 stands as not right: %2.</source>
      <translation>Schritt %1 steht als nicht richtig: %2.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/records.py" />
      <source>Welds are recorded, and no sample was peeled before them.</source>
      <translation>Schweißungen sind eingetragen, und vorher wurde keine Probe geschält.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/records.py" />
      <source>What smoked once is damaged until it is known why, and may go on by itself hours later.</source>
      <translation>Was einmal rauchte, ist beschädigt, bis man weiß, warum, und kann Stunden später von selbst weitermachen.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/records.py" />
      <source>Wrong tap wiring is the most common way to kill a board or start a fire.</source>
      <translation>Falsch verdrahtete Abgriffe sind der häufigste Weg, eine Platine zu töten oder ein Feuer zu legen.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/records.py" />
      <source>no failure in n: n ≥ ln(1 − C)/ln R</source>
      <translation>kein Versagen in n: n ≥ ln(1 − C)/ln R</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/records.py" />
      <source>prediction from the design</source>
      <translation>Voraussage aus dem Entwurf</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/records.py" />
      <source>what a proof rests on came after it, was taken back, or was designed anew</source>
      <translation>worauf ein Beleg ruht, kam danach, wurde zurückgenommen oder neu entworfen</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/records.py" />
      <source>“%1” is open again. %2</source>
      <translation>„%1“ ist wieder offen. %2</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/strip_load.py" />
      <source>%1 %2 of %3 (%4 as a long strip, %5 in place; judged by %6).</source>
      <translation>%1 %2 von %3 (%4 als langer Streifen, %5 an Ort und Stelle; beurteilt nach %6).</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/strip_load.py" />
      <source>%1 %2 of %3 (%4 in the long run, %5 allowed).</source>
      <translation>%1 %2 von %3 (%4 auf Dauer, %5 erlaubt).</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/strip_load.py" />
      <source>(worst: %1)</source>
      <translation>(am schlimmsten: %1)</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/strip_load.py" />
      <source>, up to %1 by how cells of its class and still air differ</source>
      <translation>, bis zu %1, je nach Streuung der Zellen ihrer Klasse und der ruhenden Luft</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/strip_load.py" />
      <source>: run it shorter, cool it, or take more cells in parallel.</source>
      <translation>: kürzer laufen lassen, kühlen oder mehr Zellen parallel nehmen.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/strip_load.py" />
      <source>; k/P in the k-th span</source>
      <translation>; k/P im k-ten Feld</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/strip_load.py" />
      <source>A cell above its greatest temperature ages fast, and gives off gas where it goes on.</source>
      <translation>Eine Zelle über ihrer höchsten Temperatur altert schnell, und gibt Gas ab, wenn es so weitergeht.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/strip_load.py" />
      <source>A collecting strip carries more the nearer it is to the lead.</source>
      <translation>Ein Sammelstreifen trägt mehr, je näher er der Leitung ist.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/strip_load.py" />
      <source>After the peak %1 may be at %2; %3 is allowed.</source>
      <translation>Nach der Spitze kann %1 auf %2 sein; erlaubt sind %3.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/strip_load.py" />
      <source>At %1 the strips do not settle at any temperature%2.</source>
      <translation>Bei %1 kommen die Streifen bei keiner Temperatur zur Ruhe%2.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/strip_load.py" />
      <source>At the end of a run at %1 in %2 cell %3 is at about %4%5; %6 is allowed</source>
      <translation>Am Ende eines Laufs mit %1 bei %2 hat Zelle %3 etwa %4%5; erlaubt sind %6</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/strip_load.py" />
      <source>Beside the main lead the collecting strip carries</source>
      <translation>Neben der Hauptleitung trägt der Sammelstreifen</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/strip_load.py" />
      <source>Cell %1 of group %2 carries %3 % %4 than its even part; %5 %6 off by more than %7 %.</source>
      <translation>Zelle %1 der Gruppe %2 trägt %3 % %4 als ihren gleichen Anteil; %5 %6 um mehr als %7 % daneben.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/strip_load.py" />
      <source>Hot metal resists more and gets hotter still; there is no temperature at which it would stay.</source>
      <translation>Heißes Metall hat mehr Widerstand und wird noch heißer; es gibt keine Temperatur, bei der es bliebe.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/strip_load.py" />
      <source>Hot strip ripples, sags on to the rim and melts the wrap; the rim is the other pole.</source>
      <translation>Heißer Streifen wirft Wellen, sinkt auf den Rand und schmilzt die Hülle; der Rand ist der andere Pol.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/strip_load.py" />
      <source>The cell that carries most ages first and takes its whole group along.</source>
      <translation>Die Zelle, die am meisten trägt, altert zuerst und nimmt ihre ganze Gruppe mit.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/strip_load.py" />
      <source>The end of the collecting strip at the %1 lead carries %2 of %3, %4 × %5.</source>
      <translation>Das Ende des Sammelstreifens an der Leitung %1 trägt %2 von %3, %4 × %5.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/strip_load.py" />
      <source>The peak alone brings the strip past the cell's temperature limit.</source>
      <translation>Schon die Spitze allein bringt den Streifen über die Temperaturgrenze der Zelle.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/strip_load.py" />
      <source>The tab of plate</source>
      <translation>Die Fahne der Platte</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/strip_load.py" />
      <source>Use %1 layers</source>
      <translation>%1 Lagen nehmen</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/strip_load.py" />
      <source>a collecting strip</source>
      <translation>ein Sammelstreifen</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/strip_load.py" />
      <source>adiabatic rise during the peak, from the steady temperature</source>
      <translation>adiabate Erwärmung in der Spitze, von der Dauertemperatur aus</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/strip_load.py" />
      <source>heat balance of a long strip, Churchill and Chu, and radiation</source>
      <translation>Wärmebilanz eines langen Streifens, Churchill und Chu, und Strahlung</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/strip_load.py" />
      <source>more</source>
      <translation>mehr</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/strip_load.py" />
      <source>nodal equations of the real layout</source>
      <translation>Knotengleichungen der wirklichen Anordnung</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/strip_load.py" />
      <source>one lump a cell, natural convection and radiation through the insulation</source>
      <translation>eine Wärmemasse je Zelle, freie Konvektion und Strahlung durch die Isolierung</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/strip_load.py" />
      <source>resistance and temperature worked out in turn until they settle</source>
      <translation>Widerstand und Temperatur abwechselnd gerechnet, bis sie stehen</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/strip_load.py" />
      <source>the series links</source>
      <translation>die Reihenverbinder</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/strips.py" />
      <source>%1 are %2 layers of %3, welded one on another; %4 are as many as hold well.</source>
      <translation>%1 sind %2 Lagen %3, aufeinander geschweißt; %4 sind so viele, wie gut halten.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/strips.py" />
      <source>%1 are %2 mm thick: a welder of this class (%3) will not get through.</source>
      <translation>%1 sind %2 mm dick: ein Schweißgerät dieser Klasse (%3) kommt nicht durch.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/strips.py" />
      <source>%1 are %2 wide; a screw of %3 asks for %4.</source>
      <translation>%1 sind %2 breit; eine Schraube %3 verlangt %4.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/strips.py" />
      <source>%1 are copper: weld through nickel on top, or solder; peel samples before trusting it.</source>
      <translation>%1 sind Kupfer: durch Nickel obenauf schweißen, oder löten; Proben schälen, bevor man ihm traut.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/strips.py" />
      <source>%1 without strip, the first on cell %2.</source>
      <translation>%1 ohne Streifen, das erste an Zelle %2.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/strips.py" />
      <source>A loose screw heats; one too tight strips the thread of a terminal.</source>
      <translation>Eine lose Schraube wird heiß; eine zu feste reißt das Gewinde eines Pols aus.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/strips.py" />
      <source>A pad without metal leaves its cell out of the pack; an open series link stops the current.</source>
      <translation>Ein Pad ohne Metall lässt seine Zelle aus dem Pack; eine offene Reihenverbindung hält den Strom an.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/strips.py" />
      <source>A plate that falls apart cannot carry its group.</source>
      <translation>Eine Platte, die auseinanderfällt, kann ihre Gruppe nicht tragen.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/strips.py" />
      <source>A round cell has no thread to screw into: weld it, or take cells with factory tabs.</source>
      <translation>Eine runde Zelle hat kein Gewinde: schweißen, oder Zellen mit werkseitigen Fahnen nehmen.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/strips.py" />
      <source>A small welder makes no nugget on the thick terminal of a prismatic cell: screw the bars on.</source>
      <translation>Ein kleines Schweißgerät macht auf dem dicken Pol einer prismatischen Zelle keine Linse: die Schienen anschrauben.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/strips.py" />
      <source>A tab of %1 carries %2 and is %3 K hotter in its middle than bar and cell.</source>
      <translation>Eine Fahne aus %1 trägt %2 und ist in der Mitte %3 K heißer als Schiene und Zelle.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/strips.py" />
      <source>A thin tab is the fuse nobody meant: it glows where its bar and its cell are still cool.</source>
      <translation>Eine dünne Fahne ist die Sicherung, die niemand wollte: sie glüht, wo Schiene und Zelle noch kühl sind.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/strips.py" />
      <source>Collecting strips</source>
      <translation>Sammelstreifen</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/strips.py" />
      <source>Copper spreads current and heat so well that a small welder makes no nugget.</source>
      <translation>Kupfer verteilt Strom und Wärme so gut, dass ein kleines Schweißgerät keine Linse macht.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/strips.py" />
      <source>Each layer is welded to the one below: more heat into the cell, and a weld that lets go deep down is never seen.</source>
      <translation>Jede Lage wird auf die darunter geschweißt: mehr Hitze in die Zelle, und eine tief unten gelöste Schweißung sieht man nie.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/strips.py" />
      <source>Join by %1</source>
      <translation>Verbinden durch %1</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/strips.py" />
      <source>Join the cells with strips</source>
      <translation>Die Zellen mit Streifen verbinden</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/strips.py" />
      <source>Metal of two potentials that touches is a short; heat and vibration bring it nearer.</source>
      <translation>Metall zweier Potentiale, das sich berührt, ist ein Kurzschluss; Hitze und Erschütterung bringen es näher.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/strips.py" />
      <source>No current can flow from minus to plus: it is open at B%1.</source>
      <translation>Von Minus nach Plus kann kein Strom fließen: bei B%1 ist es offen.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/strips.py" />
      <source>No iron on anything that leads straight into a pouch: put a clip between iron and cell, or weld the tabs.</source>
      <translation>Kein Kolben auf etwas, das geradewegs in eine Pouchzelle führt: eine Klammer zwischen Kolben und Zelle, oder die Fahnen schweißen.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/strips.py" />
      <source>No torque is known for a thread of %1: take it from the cell's sheet.</source>
      <translation>Für ein Gewinde von %1 ist kein Drehmoment bekannt: dem Blatt der Zelle entnehmen.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/strips.py" />
      <source>Put a ring on every positive end</source>
      <translation>Auf jedes Plusende einen Ring setzen</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/strips.py" />
      <source>Round the hole of a screw the current has only what is left of the bar, and the washer no seat.</source>
      <translation>Um das Loch einer Schraube hat der Strom nur, was von der Schiene übrig ist, und die Scheibe keinen Sitz.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/strips.py" />
      <source>Series links</source>
      <translation>Reihenverbinder</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/strips.py" />
      <source>Soldered straight on the cell: schools differ. With 70 W or more and a wide tip, under 3 s a joint; cells with factory tabs are safer.</source>
      <translation>Direkt auf die Zelle gelötet: die Meinungen gehen auseinander. Mit 70 W oder mehr und breiter Spitze, unter 3 s je Verbindung; Zellen mit werkseitigen Fahnen sind sicherer.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/strips.py" />
      <source>Strip %1 bends on its way over cells %2: make it of straight pieces that overlap at the corner.</source>
      <translation>Streifen %1 biegt sich auf seinem Weg über die Zellen %2: aus geraden Stücken machen, die an der Ecke überlappen.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/strips.py" />
      <source>Strip %1 over cells %2 joins %3: a dead short.</source>
      <translation>Streifen %1 über die Zellen %2 verbindet %3: ein satter Kurzschluss.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/strips.py" />
      <source>Strip lies flat only along a straight line; bent on edge it stands off the pads.</source>
      <translation>Streifen liegt nur entlang einer Geraden flach; hochkant gebogen steht er von den Pads ab.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/strips.py" />
      <source>Strip over pads of two tap points shorts the group between them.</source>
      <translation>Ein Streifen über Pads zweier Abgriffe schließt die Gruppe dazwischen kurz.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/strips.py" />
      <source>Strip runs over the rim of every positive end (the metal there is %1 wide) and there is no ring between.</source>
      <translation>Streifen läuft über den Rand jedes Plusendes (das Metall dort ist %1 breit), und kein Ring liegt dazwischen.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/strips.py" />
      <source>The bare end of a main lead on strip</source>
      <translation>Das blanke Ende einer Hauptleitung auf Streifen</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/strips.py" />
      <source>The bare end of a main lead, %1 wide on its tab, comes within %2 of other metal; %3 is needed. Let the lead leave at another cell.</source>
      <translation>Das blanke Ende einer Hauptleitung, %1 breit auf ihrer Fahne, kommt anderem Metall auf %2 nahe; nötig sind %3. Die Leitung an einer anderen Zelle abgehen lassen.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/strips.py" />
      <source>The can is negative right up to the rim; strip over the rim is positive.</source>
      <translation>Der Becher ist bis zum Rand hinauf Minus; der Streifen über dem Rand ist Plus.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/strips.py" />
      <source>The plate of B%1 falls into %2 pieces: its cells do not all touch.</source>
      <translation>Die Platte von B%1 fällt in %2 Stücke: ihre Zellen berühren sich nicht alle.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/strips.py" />
      <source>The terminal of a prismatic cell leads an iron's heat straight inside: screw the bars on.</source>
      <translation>Der Pol einer prismatischen Zelle führt die Hitze des Kolbens geradewegs hinein: die Schienen anschrauben.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/strips.py" />
      <source>There is no room for plates %1 apart; as drawn two are %2 apart.</source>
      <translation>Für Platten im Abstand %1 ist kein Platz; gezeichnet haben zwei %2 Abstand.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/strips.py" />
      <source>What joins strip to a cell depends on what its terminals are made of, and on how much heat they lead inside.</source>
      <translation>Was Streifen mit einer Zelle verbindet, hängt davon ab, woraus ihre Pole sind und wie viel Wärme sie nach innen leiten.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/strips.py" />
      <source>a short conductor with both ends held, no heat given off on the way (Incropera)</source>
      <translation>kurzer Leiter, an beiden Enden gehalten, unterwegs keine Wärmeabgabe (Incropera)</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/strips.py" />
      <source>asked for</source>
      <translation>verlangt</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/strips.py" />
      <source>cell %1, to which it is not welded</source>
      <translation>Zelle %1, an die er nicht geschweißt ist</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/strips.py" />
      <source>comes within %1 of</source>
      <translation>kommt auf %1 nahe an</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/strips.py" />
      <source>crosses or touches</source>
      <translation>kreuzt oder berührt</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/strips.py" />
      <source>geometry with tolerances; the distance asked for in Strips, or by IEC 60664-1 for the voltage (values from memory)</source>
      <translation>Geometrie mit Toleranzen; der in Streifen verlangte Abstand, oder nach IEC 60664-1 für die Spannung (Werte aus dem Gedächtnis)</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/strips.py" />
      <source>needed for the voltage between them</source>
      <translation>für die Spannung dazwischen nötig</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/strips.py" />
      <source>network of the layout</source>
      <translation>Netzwerk der Anordnung</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/strips.py" />
      <source>plates as they would be cut</source>
      <translation>Platten, wie sie geschnitten würden</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/table.py" />
      <source>The rule %1 of a plug-in fails (%2: %3): what it would say is not known.</source>
      <translation>Die Regel %1 eines Zusatzes versagt (%2: %3): was sie sagen würde, ist nicht bekannt.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/table.py" />
      <source>a fuse in the leads</source>
      <translation>eine Sicherung in den Leitungen</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/table.py" />
      <source>a plug at the end of the leads</source>
      <translation>ein Stecker am Ende der Leitungen</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/table.py" />
      <source>cells that are charged and travel</source>
      <translation>Zellen, die geladen werden und reisen</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/table.py" />
      <source>common practice, no source</source>
      <translation>übliche Praxis, ohne Quelle</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/table.py" />
      <source>leads judged by the steady current</source>
      <translation>Leitungen, beurteilt nach dem Dauerstrom</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/table.py" />
      <source>more than one group, with sense leads</source>
      <translation>mehr als eine Gruppe, mit Messleitungen</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/table.py" />
      <source>rule %1 is there twice</source>
      <translation>Regel %1 ist zweimal da</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/table.py" />
      <source>strips are laid and joined in this job</source>
      <translation>in diesem Auftrag werden Streifen gelegt und verbunden</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/table.py" />
      <source>strips carry the current to the taps</source>
      <translation>Streifen tragen den Strom zu den Abgriffen</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/table.py" />
      <source>that plug is the pack's, and live</source>
      <translation>dieser Stecker gehört zum Pack und steht unter Spannung</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/table.py" />
      <source>the code of a rule is three to six capitals, a hyphen and a number, not “%1”</source>
      <translation>der Code einer Regel ist drei bis sechs Großbuchstaben, ein Bindestrich und eine Zahl, nicht „%1“</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/table.py" />
      <source>there is a rule %1 already</source>
      <translation>es gibt schon eine Regel %1</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/table.py" />
      <source>what is inside the pack is known</source>
      <translation>was im Pack ist, ist bekannt</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/wiring.py" />
      <source>%1 is insulated for %2; the full pack gives %3.</source>
      <translation>%1 ist für %2 isoliert; der volle Pack gibt %3.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/wiring.py" />
      <source>%1, with plus and minus exchanged: a short at the first mistake.</source>
      <translation>%1, Plus und Minus vertauscht: beim ersten Irrtum ein Kurzschluss.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/wiring.py" />
      <source>%1: plugged in there it charges past the board's charge switch, and the load drains past its own.</source>
      <translation>%1: dort gesteckt lädt es am Ladeschalter der Platine vorbei, und der Verbraucher entlädt an seinem vorbei.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/wiring.py" />
      <source>A board that does not see a group does not protect it.</source>
      <translation>Eine Platine, die eine Gruppe nicht sieht, schützt sie nicht.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/wiring.py" />
      <source>A fuse behind the end of the lead is not in it.</source>
      <translation>Eine Sicherung hinter dem Ende der Leitung ist nicht in ihr.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/wiring.py" />
      <source>Charged through the load's connector the cells are charged past the charge switch: nothing ends an overcharge.</source>
      <translation>Durch den Stecker des Verbrauchers geladen, werden die Zellen am Ladeschalter vorbei geladen: nichts beendet eine Überladung.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/wiring.py" />
      <source>Insulation below its working voltage fails where it is pinched, and then everything it touches is live.</source>
      <translation>Isolierung unter ihrer Betriebsspannung versagt, wo sie geklemmt ist, und dann steht alles unter Spannung, was sie berührt.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/wiring.py" />
      <source>No sense lead reaches the board.</source>
      <translation>Keine Messleitung erreicht die Platine.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/wiring.py" />
      <source>The board has a charge port of its own (C), and no connector is chosen for the charger.</source>
      <translation>Die Platine hat einen eigenen Ladeanschluss (C), und für das Ladegerät ist kein Stecker gewählt.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/wiring.py" />
      <source>The charger's %1 mates with the load's %2</source>
      <translation>%1 des Ladegeräts passt auf %2 des Verbrauchers</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/wiring.py" />
      <source>The fuse is to lie %1 mm from the pack; the lead is %2 mm long.</source>
      <translation>Die Sicherung soll %1 mm vom Pack liegen; die Leitung ist %2 mm lang.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/wiring.py" />
      <source>The way to the %1 does not pass the board's switch.</source>
      <translation>Der Weg zu %1 führt nicht durch den Schalter der Platine.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/wiring.py" />
      <source>What can be mated will be mated one day: the charger in the load's half, or the load in the charger's.</source>
      <translation>Was sich stecken lässt, wird eines Tages gesteckt: das Ladegerät in die Hälfte des Verbrauchers, oder der Verbraucher in die des Ladegeräts.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/wiring.py" />
      <source>What goes past the board's switch is cut off by nothing, neither empty nor shorted.</source>
      <translation>Was am Schalter der Platine vorbeigeht, schaltet nichts ab, weder leer noch kurzgeschlossen.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/wiring.py" />
      <source>boards with a charge port of their own</source>
      <translation>Platinen mit eigenem Ladeanschluss</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/wiring.py" />
      <source>rated voltage of the class; IEC 60664-1 asks that insulation is rated for its working voltage</source>
      <translation>Bemessungsspannung der Klasse; IEC 60664-1 verlangt Isolierung, die für ihre Betriebsspannung bemessen ist</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/wiring.py" />
      <source>the wiring as one graph</source>
      <translation>die Verdrahtung als ein Netz</translation>
    </message>
    <message>
      <location filename="firmcell/core/run/run_result.py" />
      <source>full</source>
      <translation>voll</translation>
    </message>
    <message>
      <location filename="firmcell/core/stock/part_words.py" />
      <source>came in as %1%2</source>
      <translation>kam herein als %1%2</translation>
    </message>
    <message>
      <location filename="firmcell/core/stock/part_words.py" />
      <source>check overdue by %1</source>
      <translation>Prüfung überfällig seit %1</translation>
    </message>
    <message>
      <location filename="firmcell/core/stock/part_words.py" />
      <source>joins %1</source>
      <translation>verbindet %1</translation>
    </message>
    <message>
      <location filename="firmcell/core/stock/part_words.py" />
      <source>to be checked in %1</source>
      <translation>zu prüfen in %1</translation>
    </message>
    <message>
      <location filename="firmcell/core/stock/ways.py" />
      <source>Connector family</source>
      <translation>Steckerfamilie</translation>
    </message>
    <message>
      <location filename="firmcell/core/stock/ways.py" />
      <source>Old connector comes off</source>
      <translation>Alter Stecker kommt ab</translation>
    </message>
    <message>
      <location filename="firmcell/core/stock/ways.py" />
      <source>Sleeve on bullets</source>
      <translation>Schlauch auf Rundsteckern</translation>
    </message>
    <message>
      <location filename="firmcell/core/strips/why_there.py" />
      <source>its</source>
      <translation>ihre</translation>
    </message>
    <message>
      <location filename="firmcell/core/tap_check/group_verdicts.py" />
      <source>%1: not read yet</source>
      <translation>%1: noch nicht abgelesen</translation>
    </message>
    <message>
      <location filename="firmcell/core/tap_check/group_verdicts.py" />
      <source>B%1 to B%2</source>
      <translation>B%1 bis B%2</translation>
    </message>
    <message>
      <location filename="firmcell/core/tap_check/group_verdicts.py" />
      <source>No tap is read yet. Black probe on B0, then B1, B2 … in order.</source>
      <translation>Noch kein Abgriff abgelesen. Schwarze Spitze auf B0, dann B1, B2 … der Reihe nach.</translation>
    </message>
    <message>
      <location filename="firmcell/core/tap_check/points.py" />
      <source>group %1 at B%2</source>
      <translation>Gruppe %1 bei B%2</translation>
    </message>
    <message>
      <location filename="firmcell/core/tap_check/points.py" />
      <source>pin B%1</source>
      <translation>Pin B%1</translation>
    </message>
    <message>
      <location filename="firmcell/core/tap_check/points.py" />
      <source>strip B%1</source>
      <translation>Streifen B%1</translation>
    </message>
    <message>
      <location filename="firmcell/core/tap_check/unseen.py" />
      <source>A lamp or 1 kΩ from each pin to the next: no reading falls by more than 3 %</source>
      <translation>Eine Lampe oder 1 kΩ von jedem Pin zum nächsten: keine Ablesung fällt um mehr als 3 %</translation>
    </message>
    <message>
      <location filename="firmcell/core/tap_check/unseen.py" />
      <source>Each group read under one steady load: none sags more than the others</source>
      <translation>Jede Gruppe unter einer gleichmäßigen Last abgelesen: keine bricht stärker ein als die anderen</translation>
    </message>
    <message>
      <location filename="firmcell/core/tap_check/unseen.py" />
      <source>Every strip tugged at every cell: none lifts</source>
      <translation>An jedem Streifen bei jeder Zelle gezogen: keiner löst sich</translation>
    </message>
    <message>
      <location filename="firmcell/core/tap_check/unseen.py" />
      <source>Groups counted on the pack itself: %1</source>
      <translation>Gruppen am Pack selbst gezählt: %1</translation>
    </message>
    <message>
      <location filename="firmcell/core/tap_check/unseen.py" />
      <source>Pin B0 against the pack's minus strip and pin %1 against its plus strip: nothing</source>
      <translation>Pin B0 gegen den Minusstreifen des Packs und Pin %1 gegen seinen Plusstreifen: nichts</translation>
    </message>
    <message>
      <location filename="firmcell/core/tap_check/unseen.py" />
      <source>Red probe in the volt socket, proven on a cell</source>
      <translation>Rote Spitze in der Spannungsbuchse, an einer Zelle geprüft</translation>
    </message>
    <message>
      <location filename="firmcell/core/tap_check/unseen.py" />
      <source>The chemistry printed on every cell is that of the design</source>
      <translation>Die auf jeder Zelle gedruckte Chemie ist die des Entwurfs</translation>
    </message>
    <message>
      <location filename="firmcell/core/tap_check/unseen.py" />
      <source>The plug was out of the board at every reading</source>
      <translation>Der Stecker war bei jeder Ablesung aus der Platine</translation>
    </message>
    <message>
      <location filename="firmcell/core/tap_check/unseen.py" />
      <source>a cell of another chemistry at this voltage</source>
      <translation>eine Zelle anderer Chemie bei dieser Spannung</translation>
    </message>
    <message>
      <location filename="firmcell/core/tap_check/unseen.py" />
      <source>a cell that is not joined to its group</source>
      <translation>eine Zelle, die nicht mit ihrer Gruppe verbunden ist</translation>
    </message>
    <message>
      <location filename="firmcell/core/tap_check/unseen.py" />
      <source>a cold joint, a link that leaks, a tap on the other side of an open link</source>
      <translation>eine kalte Lötstelle, ein Übergang mit Widerstand, ein Abgriff jenseits eines offenen Übergangs</translation>
    </message>
    <message>
      <location filename="firmcell/core/tap_check/unseen.py" />
      <source>a group too many, or one beyond the last tap</source>
      <translation>eine Gruppe zu viel, oder eine hinter dem letzten Abgriff</translation>
    </message>
    <message>
      <location filename="firmcell/core/tap_check/unseen.py" />
      <source>a lead held by a strand or by dirt, or one that floats and reads right by chance</source>
      <translation>eine Leitung, die nur an einer Litze oder an Schmutz hängt, oder eine offene, die zufällig richtig anzeigt</translation>
    </message>
    <message>
      <location filename="firmcell/core/tap_check/unseen.py" />
      <source>a lead missing while the plug is in the board</source>
      <translation>eine Leitung fehlt, während der Stecker in der Platine ist</translation>
    </message>
    <message>
      <location filename="firmcell/core/tap_check/unseen.py" />
      <source>a plug on mirrored, read with the meter's probes exchanged</source>
      <translation>ein spiegelverkehrter Stecker, mit vertauschten Messspitzen abgelesen</translation>
    </message>
    <message>
      <location filename="firmcell/core/wiring/graph.py" />
      <source>to</source>
      <translation>an</translation>
    </message>
    <message>
      <location filename="firmcell/core/wiring/other_wiring.py" />
      <source>%1, host's half, %2</source>
      <translation>%1, Hälfte des Geräts, %2</translation>
    </message>
    <message>
      <location filename="firmcell/core/wiring/other_wiring.py" />
      <source>%1, phase %2</source>
      <translation>%1, Phase %2</translation>
    </message>
    <message>
      <location filename="firmcell/core/wiring/other_wiring.py" />
      <source>board B+</source>
      <translation>Platine B+</translation>
    </message>
    <message>
      <location filename="firmcell/core/wiring/other_wiring.py" />
      <source>board B−</source>
      <translation>Platine B−</translation>
    </message>
    <message>
      <location filename="firmcell/core/wiring/other_wiring.py" />
      <source>board P%1</source>
      <translation>Platine P%1</translation>
    </message>
    <message>
      <location filename="firmcell/core/wiring/other_wiring.py" />
      <source>bullet on the %1's wire %2</source>
      <translation>Rundstecker an Leitung %2: %1</translation>
    </message>
    <message>
      <location filename="firmcell/core/wiring/other_wiring.py" />
      <source>connector to the pack, %1</source>
      <translation>Stecker zum Pack, %1</translation>
    </message>
    <message>
      <location filename="firmcell/core/wiring/other_wiring.py" />
      <source>controller, input %1</source>
      <translation>Regler, Eingang %1</translation>
    </message>
    <message>
      <location filename="firmcell/core/wiring/other_wiring.py" />
      <source>host's contact, %1</source>
      <translation>Kontakt des Geräts, %1</translation>
    </message>
    <message>
      <location filename="firmcell/core/wiring/other_wiring.py" />
      <source>load, %1 stud</source>
      <translation>Verbraucher, Bolzen %1</translation>
    </message>
    <message>
      <location filename="firmcell/core/wiring/other_wiring.py" />
      <source>lug at the %1, %2</source>
      <translation>Kabelschuh an %1, %2</translation>
    </message>
    <message>
      <location filename="firmcell/core/wiring/other_wiring.py" />
      <source>outside, minus end</source>
      <translation>außen, Minusende</translation>
    </message>
    <message>
      <location filename="firmcell/core/wiring/other_wiring.py" />
      <source>outside, plus end</source>
      <translation>außen, Plusende</translation>
    </message>
    <message>
      <location filename="firmcell/core/wiring/other_wiring.py" />
      <source>pack's plug, %1</source>
      <translation>Stecker des Packs, %1</translation>
    </message>
    <message>
      <location filename="firmcell/core/wiring/other_wiring.py" />
      <source>source, %1</source>
      <translation>Quelle, %1</translation>
    </message>
    <message>
      <location filename="firmcell/core/wiring/other_wiring.py" />
      <source>source, %1 stud</source>
      <translation>Quelle, Bolzen %1</translation>
    </message>
    <message>
      <location filename="firmcell/core/wiring/other_wiring.py" />
      <source>the cell's minus, the whole can</source>
      <translation>das Minus der Zelle, der ganze Becher</translation>
    </message>
    <message>
      <location filename="firmcell/core/wiring/other_wiring.py" />
      <source>the cell's plus</source>
      <translation>das Plus der Zelle</translation>
    </message>
    <message>
      <location filename="firmcell/core/wiring/pack_wiring.py" />
      <source>fuse, pack side</source>
      <translation>Sicherung, Packseite</translation>
    </message>
    <message>
      <location filename="firmcell/core/wiring/pack_wiring.py" />
      <source>strip of %1 at cell %2, %3 face</source>
      <translation>Streifen von %1 an Zelle %2, Seite %3</translation>
    </message>
    <message>
      <location filename="firmcell/core/wiring/sense_wiring.py" />
      <source>NTC%1</source>
      <translation>NTC%1</translation>
    </message>
    <message>
      <location filename="firmcell/core/wiring/sense_wiring.py" />
      <source>board NTC%1</source>
      <translation>Platine NTC%1</translation>
    </message>
    <message>
      <location filename="firmcell/register/bench_book.py" />
      <source>of</source>
      <translation>von</translation>
    </message>
    <message>
      <location filename="firmcell/register/book.py" />
      <source>time</source>
      <translation>Zeit</translation>
    </message>
    <message>
      <location filename="firmcell/register/database.py" />
      <source>reads</source>
      <translation>liest</translation>
    </message>
    <message>
      <location filename="firmcell/register/demo.py" />
      <source>bench charger</source>
      <translation>Ladegerät der Werkbank</translation>
    </message>
    <message>
      <location filename="firmcell/register/demo.py" />
      <source>bench meter</source>
      <translation>Messgerät der Werkbank</translation>
    </message>
    <message>
      <location filename="firmcell/register/demo.py" />
      <source>d.c. resistance meter</source>
      <translation>Gleichstrom-Widerstandsmesser</translation>
    </message>
    <message>
      <location filename="firmcell/register/demo.py" />
      <source>drained in the pack</source>
      <translation>im Pack entladen</translation>
    </message>
    <message>
      <location filename="firmcell/register/demo.py" />
      <source>long bench</source>
      <translation>lange Werkbank</translation>
    </message>
    <message>
      <location filename="firmcell/register/demo.py" />
      <source>pack opened again</source>
      <translation>Pack wieder geöffnet</translation>
    </message>
    <message>
      <location filename="firmcell/register/shop_work.py" />
      <source>%1 left</source>
      <translation>%1 übrig</translation>
    </message>
    <message>
      <location filename="firmcell/shop.py" />
      <source>findings</source>
      <translation>Befunde</translation>
    </message>
    <message>
      <location filename="firmcell/store/job_chain.py" />
      <source>Record %1</source>
      <translation>Eintragen: %1</translation>
    </message>
    <message>
      <location filename="firmcell/store/job_list.py" />
      <source>in %1 days</source>
      <translation>in %1 Tagen</translation>
    </message>
    <message>
      <location filename="firmcell/store/layout_files.py" />
      <source>parts</source>
      <translation>Teile</translation>
    </message>
    <message>
      <location filename="firmcell/store/outline_files.py" />
      <source>points</source>
      <translation>Punkte</translation>
    </message>
    <message>
      <location filename="firmcell/store/parts_pdf.py" />
      <source>Built in</source>
      <translation>Verbaut</translation>
    </message>
    <message>
      <location filename="firmcell/store/parts_pdf.py" />
      <source>No part has a price: enter it in the part library.</source>
      <translation>Kein Teil hat einen Preis: in der Teilesammlung eintragen.</translation>
    </message>
    <message>
      <location filename="firmcell/store/parts_pdf.py" />
      <source>“Have” is with spares: what is dropped, cut wrong, or peeled as a sample.</source>
      <translation>„Bereit“ ist mit Reserve: was hinunterfällt, falsch geschnitten oder als Probe geschält wird.</translation>
    </message>
    <message>
      <location filename="firmcell/store/passport_files.py" />
      <source>Built by %1</source>
      <translation>Gebaut von %1</translation>
    </message>
    <message>
      <location filename="firmcell/store/passport_files.py" />
      <source>Empty V</source>
      <translation>Leer V</translation>
    </message>
    <message>
      <location filename="firmcell/store/passport_files.py" />
      <source>Made with Firm Cell from the pack's own record. Values of generic classes unless measured.</source>
      <translation>Mit Firm Cell aus der eigenen Aufzeichnung des Packs. Werte allgemeiner Klassen, wo nicht gemessen.</translation>
    </message>
    <message>
      <location filename="firmcell/store/passport_files.py" />
      <source>Measured V</source>
      <translation>Gemessen V</translation>
    </message>
    <message>
      <location filename="firmcell/store/passport_files.py" />
      <source>NOT FINISHED</source>
      <translation>NICHT FERTIG</translation>
    </message>
    <message>
      <location filename="firmcell/store/passport_files.py" />
      <source>No serial, no builder named</source>
      <translation>Keine Seriennummer, kein Erbauer genannt</translation>
    </message>
    <message>
      <location filename="firmcell/store/passport_files.py" />
      <source>Nominal V</source>
      <translation>Nenn V</translation>
    </message>
    <message>
      <location filename="firmcell/store/passport_files.py" />
      <source>Pack passport</source>
      <translation>Pass des Packs</translation>
    </message>
    <message>
      <location filename="firmcell/store/passport_files.py" />
      <source>Passport</source>
      <translation>Pass</translation>
    </message>
    <message>
      <location filename="firmcell/store/passport_files.py" />
      <source>Printed</source>
      <translation>Aufdruck</translation>
    </message>
    <message>
      <location filename="firmcell/store/passport_files.py" />
      <source>Serial %1</source>
      <translation>Seriennummer %1</translation>
    </message>
    <message>
      <location filename="firmcell/store/passport_files.py" />
      <source>continued</source>
      <translation>Fortsetzung</translation>
    </message>
    <message>
      <location filename="firmcell/store/passport_seal.py" />
      <source>firmcell-chain %1 %2%3</source>
      <translation>firmcell-chain %1 %2%3</translation>
    </message>
    <message>
      <location filename="firmcell/store/shopping_files.py" />
      <source>From stock</source>
      <translation>Aus dem Lager</translation>
    </message>
    <message>
      <location filename="firmcell/store/template_pdf.py" />
      <source>as it lies with this face up</source>
      <translation>wie er mit dieser Seite oben liegt</translation>
    </message>
    <message>
      <location filename="firmcell/store/template_pdf.py" />
      <source>templates at 1:1</source>
      <translation>Schablonen 1:1</translation>
    </message>
    <message>
      <location filename="firmcell/store/units.py" />
      <source>%1 AWG</source>
      <translation>%1 AWG</translation>
    </message>
    <message>
      <location filename="firmcell/store/units.py" />
      <source>%1/0 AWG</source>
      <translation>%1/0 AWG</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>%1 (middle of the lug %2 past its pad, drilled for %3).</source>
      <translation>%1 (Mitte des Kabelschuhs %2 hinter seiner Polfläche, gebohrt für %3).</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>%1 (steady)</source>
      <translation>%1 (dauernd)</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>%1 A of %2 A (%3 %) between %4 and %5</source>
      <translation>%1 A von %2 A (%3 %) zwischen %4 und %5</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>%1 Ah: %2 of %3</source>
      <translation>%1 Ah: %2 von %3</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>%1 V to %2 V</source>
      <translation>%1 V bis %2 V</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>%1 V, %2 groups of %3</source>
      <translation>%1 V, %2 Gruppen zu %3</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>%1 a metre</source>
      <translation>%1 je Meter</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>%1 and %2</source>
      <translation>%1 und %2</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>%1 at the end of the pack, a sheet under it, held so that it cannot slide: strip or pad edges that rub through are a short.</source>
      <translation>%1 am Ende des Packs, eine Folie darunter, so gehalten, dass sie nicht rutschen kann: Streifen- oder Padkanten, die durchscheuern, sind ein Kurzschluss.</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>%1 at the peak with %2 left</source>
      <translation>%1 in der Spitze, wenn %2 übrig sind</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>%1 at the steady current with %2 left</source>
      <translation>%1 beim Dauerstrom, wenn %2 übrig sind</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>%1 by its duty (%2; time constant %3 s)</source>
      <translation>%1 nach seiner Einschaltdauer (%2; Zeitkonstante %3 s)</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>%1 carries %2 at %3; %4 is drawn (it would burn its insulation).</source>
      <translation>%1 trägt %2 bei %3; entnommen werden %4 (ihre Isolierung würde verbrennen).</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>%1 carries %2 at %3; %4 is drawn (it would reach %5).</source>
      <translation>%1 trägt %2 bei %3; entnommen werden %4 (sie würde %5 erreichen).</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>%1 columns</source>
      <translation>%1 Spalten</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>%1 each</source>
      <translation>je %1</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>%1 goes in: %2</source>
      <translation>%1 kommt hinein: %2</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>%1 goes on.</source>
      <translation>%1 laufen weiter.</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>%1 in %2 layers</source>
      <translation>%1 in %2 Lagen</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>%1 iron or more, about %2; strip %3.</source>
      <translation>Lötkolben mit %1 oder mehr, etwa %2; %3 abisolieren.</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>%1 iron, wide tip, two pieces of %2, %3 each, %4.</source>
      <translation>%1 Lötkolben, breite Spitze, zwei Stücke %2, je %3, %4.</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>%1 m each, %2, to %3</source>
      <translation>je %1 m, %2, zu %3</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>%1 mm apart</source>
      <translation>%1 mm auseinander</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>%1 mm from the middle</source>
      <translation>%1 mm von der Mitte</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>%1 of %2 AWG</source>
      <translation>%1 von %2 AWG</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>%1 of %2 steps are not passed; the next is “%3”.</source>
      <translation>%1 von %2 Schritten sind nicht bestanden; der nächste ist „%3“.</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>%1 on the bottom (weld pairs)</source>
      <translation>%1 unten (Schweißpaare)</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>%1 on top (weld pairs)</source>
      <translation>%1 oben (Schweißpaare)</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>%1 on top, %2 on the bottom (weld pairs)</source>
      <translation>%1 oben, %2 unten (Schweißpaare)</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>%1 on top, a sheet under it, held so that it cannot slide: strip or pad edges that rub through are a short.</source>
      <translation>%1 obenauf, eine Folie darunter, so gehalten, dass sie nicht rutschen kann: Streifen- oder Padkanten, die durchscheuern, sind ein Kurzschluss.</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>%1 on, %2 off</source>
      <translation>%1 an, %2 aus</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>%1 parallel strip first, then %2 series link of %3, %4 long. %5 in all.</source>
      <translation>Zuerst %1 Parallelstreifen, dann %2 Reihenverbinder aus %3, %4 lang. Zusammen %5.</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>%1 parallel strip first, then %2 series links of %3, %4 long.</source>
      <translation>Zuerst %1 Parallelstreifen, dann %2 Reihenverbinder aus %3, %4 lang.</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>%1 parallel strip first, then %2 series links of %3, %4 long. %5 in all.</source>
      <translation>Zuerst %1 Parallelstreifen, dann %2 Reihenverbinder aus %3, %4 lang. Zusammen %5.</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>%1 parallel strips first, then %2 series link of %3, %4 long.</source>
      <translation>Zuerst %1 Parallelstreifen, dann %2 Reihenverbinder aus %3, %4 lang.</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>%1 parallel strips first, then %2 series links of %3, %4 long.</source>
      <translation>Zuerst %1 Parallelstreifen, dann %2 Reihenverbinder aus %3, %4 lang.</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>%1 parallel strips first, then %2 series links of %3, %4 long. %5 in all.</source>
      <translation>Zuerst %1 Parallelstreifen, dann %2 Reihenverbinder aus %3, %4 lang. Zusammen %5.</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>%1 parts to buy of %2, %3 in the money of the shop.</source>
      <translation>%1 von %2 Teilen zu kaufen, %3 in der Währung der Werkstatt.</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>%1 parts to buy of %2, %3 in the money of the shop; %4 without a price.</source>
      <translation>%1 von %2 Teilen zu kaufen, %3 in der Währung der Werkstatt; %4 ohne Preis.</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>%1 pieces of %2</source>
      <translation>%1 Stück %2</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>%1 screwed joints in all.</source>
      <translation>Zusammen %1 Schraubverbindungen.</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>%1 screwed joints.</source>
      <translation>%1 Schraubverbindungen.</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>%1 series link of %2, %3 long.</source>
      <translation>%1 Reihenverbinder aus %2, %3 lang.</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>%1 series link of %2, %3 long. %4 in all.</source>
      <translation>%1 Reihenverbinder aus %2, %3 lang. Zusammen %4.</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>%1 series links of %2, %3 long.</source>
      <translation>%1 Reihenverbinder aus %2, %3 lang.</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>%1 series links of %2, %3 long. %4 in all.</source>
      <translation>%1 Reihenverbinder aus %2, %3 lang. Zusammen %4.</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>%1 soldered joints in all.</source>
      <translation>Zusammen %1 Lötverbindungen.</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>%1 soldered joints.</source>
      <translation>%1 Lötverbindungen.</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>%1 steps in %2 jobs, done %3 at %4.</source>
      <translation>%1 Schritte in %2 Aufträgen, fertig %3 um %4.</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>%1 takes about %2 h from empty: end it by the clock and stay with it.</source>
      <translation>%1 brauchen etwa %2 h von leer: nach der Uhr beenden und dabeibleiben.</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>%1 to %2 at the outside ends, red on the positive</source>
      <translation>%1 bis %2 an den äußeren Enden, Rot auf dem Plusende</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>%1 to %2 with red on plus</source>
      <translation>%1 bis %2, Rot auf Plus</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>%1 to %2, red on plus</source>
      <translation>%1 bis %2, Rot auf Plus</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>%1 to %2, red on plus; insulation more than %3 MΩ</source>
      <translation>%1 bis %2, Rot auf Plus; Isolierung über %3 MΩ</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>%1 to %2, red on the contact marked +</source>
      <translation>%1 bis %2, Rot auf dem Kontakt +</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>%1 to %2, red on the positive end</source>
      <translation>%1 bis %2, Rot auf dem Plusende</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>%1 weld pairs in all.</source>
      <translation>Zusammen %1 Schweißpaare.</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>%1 °C to %2 °C</source>
      <translation>%1 °C bis %2 °C</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>%1 · hold point</source>
      <translation>%1 · Haltepunkt</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>%1, %2 long. %3 in all.</source>
      <translation>%1, %2 lang. Zusammen %3.</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>%1, %2 off an even part</source>
      <translation>%1, %2 neben einem gleichen Teil</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>%1, %2, clamped so that it cannot skid.</source>
      <translation>%1, %2, eingespannt, damit er nicht rutscht.</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>%1, each lead %2.</source>
      <translation>%1, jede Leitung %2.</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>%1, the half that mates with %2.</source>
      <translation>%1, die Hälfte, die zu %2 passt.</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>%1, the half with shrouded female contacts.</source>
      <translation>%1, die Hälfte mit geschützten Buchsenkontakten.</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>%1, the receptacle with female contacts.</source>
      <translation>%1, die Buchsenhälfte mit Buchsenkontakten.</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>%1, to be bought when no more than %2 is left, %3.</source>
      <translation>%1, nachzukaufen, wenn nicht mehr als %2 übrig ist, %3.</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>%1: on the wires before any joint</source>
      <translation>%1: auf die Leitungen, vor jeder Verbindung</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>%1: there are %2 (%3).</source>
      <translation>%1: es gibt %2 (%3).</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>%1; hold still until the shine goes dull</source>
      <translation>%1; stillhalten, bis der Glanz matt wird</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>A mate cannot hold them straight.</source>
      <translation>Ein Gegenstück kann sie nicht gerade halten.</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>A torn wrap is replaced now: the bare can is negative up to the rim of the positive.</source>
      <translation>Eine zerrissene Hülle wird jetzt ersetzt: der blanke Becher ist Minus bis an den Rand des Plus.</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>A weak cell stays weak; a sleeve does not cure it.</source>
      <translation>Eine schwache Zelle bleibt schwach; ein Schlauch heilt sie nicht.</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>About %1 of work left, and %2 by the clock.</source>
      <translation>Noch etwa %1 Arbeit, und %2 nach der Uhr.</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>About %1 of work left.</source>
      <translation>Noch etwa %1 Arbeit.</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>Arrange the cells %1 across</source>
      <translation>Die Zellen %1 quer anordnen</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>At %1 %2 may blow before the board trips</source>
      <translation>Bei %1 kann %2 durchbrennen, bevor die Platine auslöst</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>At the end of a run at %1 in %2 cell %3 is at about %4, up to %5 by how cells of its class and still air differ; %6 is allowed.</source>
      <translation>Am Ende eines Laufs mit %1 bei %2 hat Zelle %3 etwa %4, bis zu %5, je nachdem, wie Zellen ihrer Klasse und stehende Luft sich unterscheiden; erlaubt sind %6.</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>At the end of a run at %1 in %2 cell %3 is at about %4, up to %5 by how cells of its class and still air differ; %6 is allowed: run it shorter, cool it, or take more cells in parallel.</source>
      <translation>Am Ende eines Laufs mit %1 bei %2 hat Zelle %3 etwa %4, bis zu %5, je nachdem, wie Zellen ihrer Klasse und stehende Luft sich unterscheiden; erlaubt sind %6: kürzer laufen lassen, kühlen, oder mehr Zellen parallel nehmen.</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>At the end: %1</source>
      <translation>Am Ende: %1</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>Bare and live now: up to %1. Most dangerous: %2 and %3, %4 mm apart, %5; a tool across them drives about %6.</source>
      <translation>Jetzt blank und unter Spannung: bis zu %1. Am gefährlichsten: %2 und %3, %4 mm auseinander, %5; ein Werkzeug quer darüber treibt etwa %6.</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>Bare and live now: up to %1. Most dangerous: %2 and %3, %4; a tool across them drives about %5, in the first moment up to %6.</source>
      <translation>Jetzt blank und unter Spannung: bis zu %1. Am gefährlichsten: %2 und %3, %4; ein Werkzeug quer darüber treibt etwa %5, im ersten Augenblick bis zu %6.</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>Bare and live now: up to %1. Most dangerous: %2 and rim of cell %3, which is its minus, %4 mm apart, %5; a tool across them drives about %6.</source>
      <translation>Jetzt blank und unter Spannung: bis zu %1. Am gefährlichsten: %2 und der Rand von Zelle %3, der ihr Minus ist, %4 mm auseinander, %5; ein Werkzeug quer darüber treibt etwa %6.</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>Bare and live: up to %1.</source>
      <translation>Blank und unter Spannung: bis zu %1.</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>Bare and live: up to %1. %2 and %3: %4.</source>
      <translation>Blank und unter Spannung: bis zu %1. %2 und %3: %4.</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>Below 60 V it may be left out.</source>
      <translation>Unter 60 V darf es entfallen.</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>Beside the main lead the collecting strip carries %1 of %2 (%3 as a long strip, %4 in place; judged by %5).</source>
      <translation>Neben der Hauptleitung trägt der Sammelstreifen %1 von %2 (%3 als langer Streifen, %4 an Ort und Stelle; beurteilt nach: %5).</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>Black on</source>
      <translation>Schwarz auf</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>Black probe on B0, red on %1, B2 … in order, at the free end of the sense plug. Enter each reading in Tests.</source>
      <translation>Schwarze Spitze auf B0, Rot auf %1, B2 … der Reihe nach, am freien Ende des Messsteckers. Jede Ablesung unter Prüfungen eingeben.</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>Black probe on B0, red on %1, B2 … in order, on the strips, through the flaps in the sheet. Enter each reading in Tests.</source>
      <translation>Schwarze Spitze auf B0, Rot auf %1, B2 … der Reihe nach, auf den Streifen, durch die Klappen in der Folie. Jede Ablesung unter Prüfungen eingeben.</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>Black probe on B0, then B1, B2 … in order.</source>
      <translation>Schwarze Spitze auf B0, dann B1, B2 … der Reihe nach.</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>Board's pad %1, printed B%2</source>
      <translation>Anschluss %1 der Platine, bedruckt mit B%2</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>Bottom, turned over about the long axis: %1</source>
      <translation>Unten, um die lange Achse gewendet: %1</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>Bottom, turned over about the short axis: %1</source>
      <translation>Unten, um die kurze Achse gewendet: %1</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>By air at most 30 % charged.</source>
      <translation>Mit dem Flugzeug höchstens 30 % geladen.</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>Capacity %1</source>
      <translation>Kapazität %1</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>Caps of the connector: on the wires before any contact</source>
      <translation>Kappen des Steckers: auf die Leitungen, vor jedem Kontakt</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>Carries %1 of %2</source>
      <translation>Trägt %1 von %2</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>Carries %1 of %2 (%3) between %4 and %5</source>
      <translation>Trägt %1 von %2 (%3) zwischen %4 und %5</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>Carries %1, %2 off an even part</source>
      <translation>Trägt %1, %2 neben einem gleichen Teil</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>Carries %1, trips at %2</source>
      <translation>Trägt %1, löst bei %2 aus</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>Cell %1 minus</source>
      <translation>Zelle %1 minus</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>Cell %1 plus</source>
      <translation>Zelle %1 plus</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>Cells %1</source>
      <translation>Zellen %1</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>Change</source>
      <translation>Änderung</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>Charge to %1, at most %2, %3 to %4</source>
      <translation>Laden bis %1, höchstens %2, %3 bis %4</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>Charge: a tenth of the capacity for 16 h, or fast charge ended by −ΔV 5 to 10 mV a cell or 1 K/min, with a time limit behind both.</source>
      <translation>Laden: ein Zehntel der Kapazität für 16 h, oder Schnellladen, beendet durch −ΔV von 5 bis 10 mV je Zelle oder 1 K/min, mit einer Zeitgrenze dahinter.</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>Check the order of pads against the wire list:</source>
      <translation>Die Reihenfolge der Anschlüsse mit der Leitungsliste vergleichen:</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>Check the order of pads against the wire list: %1</source>
      <translation>Die Reihenfolge der Anschlüsse mit der Leitungsliste vergleichen: %1</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>Collecting strip of B%1</source>
      <translation>Sammelstreifen von B%1</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>Collecting strips carry %1</source>
      <translation>Sammelstreifen tragen %1</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>Cover the end at once, fold the other back.</source>
      <translation>Das Ende sofort abdecken, die andere zurückbiegen.</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>Covers for two wire ends</source>
      <translation>Abdeckungen für zwei Leitungsenden</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>Crimp a ring lug for %1 on the %2, sleeve it, and set it under the screw of %3 at about %4 (the cell's sheet goes before that). Finish, sleeve and cover it before the other conductor is touched.</source>
      <translation>Einen Ringkabelschuh für %1 crimpen (%2), Schlauch darüber, und unter die Schraube setzen: %3, mit etwa %4 (das Blatt der Zelle geht vor). Fertigstellen, Schlauch und Abdeckung darauf, bevor der andere Leiter berührt wird.</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>Cut %1 from its end, behind the old body.</source>
      <translation>%1 vom Ende abschneiden, hinter dem alten Gehäuse.</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>Cut each conductor where its stud or %1 is: a heavy cable half through, let go, then through, so that the cut stays square.</source>
      <translation>Jeden Leiter dort schneiden, wo sein Bolzen oder %1 ist: ein schweres Kabel halb durch, absetzen, dann durch, damit der Schnitt rechtwinklig bleibt.</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>Cut length %1</source>
      <translation>Schnittlänge %1</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>Cuts off %1 to %2 a group</source>
      <translation>Schaltet bei %1 bis %2 je Gruppe ab</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>Density %1</source>
      <translation>Stromdichte %1</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>Each cell end is roughened, fluxed, tinned in under 3 s and left to cool hand-warm before its strip comes on.</source>
      <translation>Jedes Zellende wird aufgeraut, mit Flussmittel in unter 3 s verzinnt und handwarm abgekühlt, bevor sein Streifen daraufkommt.</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>Each pole</source>
      <translation>Jeder Pol</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>Elsewhere it may drive %1, in the first moment up to %2</source>
      <translation>Anderswo kann er %1 treiben, im ersten Augenblick bis zu %2</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>Energy %1</source>
      <translation>Energie %1</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>Enter each reading in Tests.</source>
      <translation>Jede Ablesung unter Prüfungen eingeben.</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>Expect: on the other face, minus of group %1 to plus of group %2: %3</source>
      <translation>Erwartet: auf der anderen Seite, Minus von Gruppe %1 an Plus von Gruppe %2: %3</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>Feel or measure the strips near the leads, then load it steadily for a minute.</source>
      <translation>Die Streifen nahe den Leitungen fühlen oder messen, dann eine Minute gleichmäßig belasten.</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>Find places in the Layout stage</source>
      <translation>Im Abschnitt Anordnung Plätze suchen</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>Find places in the Layout stage, or try another lattice or one cell fewer in parallel</source>
      <translation>Im Abschnitt Anordnung Plätze suchen, oder ein anderes Raster oder eine Zelle weniger parallel versuchen</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>Finish, sleeve and cover it before the other conductor is touched</source>
      <translation>Fertigstellen, Schlauch und Abdeckung darauf, bevor der andere Leiter berührt wird</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>First %1 on the pads, then the strip on it, welded through both</source>
      <translation>Zuerst %1 auf die Polflächen, dann den Streifen darauf, durch beide geschweißt</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>First %1 on the pads, then the strip on it.</source>
      <translation>Zuerst %1 auf die Polflächen, dann den Streifen darauf.</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>Found: %1</source>
      <translation>Gefunden: %1</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>From %1 to %2 neither board nor fuse protects the wire's insulation.</source>
      <translation>Von %1 bis %2 schützt weder Platine noch Sicherung die Isolierung der Leitung.</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>Full %1</source>
      <translation>Voll %1</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>Insulation: from the inside out</source>
      <translation>Isolierung: von innen nach außen</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>It is always live inside: never cut or pierce the sleeve.</source>
      <translation>Innen immer unter Spannung: den Schlauch nie schneiden oder durchstechen.</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>Its contacts are loose: the cap goes on the wires before anything else; hold each contact in a jig while it is joined, then push it into the body until it latches, and tug.</source>
      <translation>Seine Kontakte sind lose: die Kappe kommt vor allem anderen auf die Leitungen; jeden Kontakt beim Verbinden in einer Vorrichtung halten, dann ins Gehäuse drücken, bis er einrastet, und ziehen.</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>Joined by %1</source>
      <translation>Verbunden durch %1</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>Loses %1</source>
      <translation>Verliert %1</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>Lug flat on the stud, nothing between, washer and nut on top.</source>
      <translation>Kabelschuh flach auf dem Bolzen, nichts dazwischen, Scheibe und Mutter oben.</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>Mass %1</source>
      <translation>Masse %1</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>Measure each group from its minus to its plus, the pack on its long side so that both faces can be reached, then each joined pair of groups between its free ends on the other face.</source>
      <translation>Jede Gruppe von ihrem Minus zu ihrem Plus messen, den Pack auf seiner Längsseite, sodass beide Seiten erreichbar sind, dann jedes verbundene Gruppenpaar zwischen seinen freien Enden auf der anderen Seite.</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>Measure each group from its minus to its plus, the pack on its long side so that both faces can be reached, then each joined pair of groups through the flaps of the other face.</source>
      <translation>Jede Gruppe von ihrem Minus zu ihrem Plus messen, den Pack auf seiner Längsseite, sodass beide Seiten erreichbar sind, dann jedes verbundene Gruppenpaar durch die Klappen der anderen Seite.</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>Metal %1</source>
      <translation>Metall %1</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>Minus and plus as the signs moulded on the body say.</source>
      <translation>Minus und Plus nach den Zeichen im Gehäuse.</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>Never open, crush, heat or short.</source>
      <translation>Nie öffnen, quetschen, erhitzen, kurzschließen.</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>No serial</source>
      <translation>Keine Seriennummer</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>No tap is read yet.</source>
      <translation>Noch kein Abgriff abgelesen.</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>Nominal %1</source>
      <translation>Nennwert %1</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>Not finished</source>
      <translation>Nicht fertig</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>Now: %1</source>
      <translation>Jetzt: %1</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>One quick test each</source>
      <translation>Für jede eine kurze Prüfung</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>Outside, mm %1</source>
      <translation>Außen, mm %1</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>Past the board nothing would ever switch the pack off.</source>
      <translation>An der Platine vorbei würde nichts den Pack je abschalten.</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>Peak %1 of %2</source>
      <translation>Spitze %1 von %2</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>Place %1 mm from the middle</source>
      <translation>Platz %1 mm von der Mitte</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>Plug place %1, printed B%2</source>
      <translation>Steckerplatz %1, bedruckt mit B%2</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>Series links carry %1</source>
      <translation>Reihenverbinder tragen %1</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>Series links carry %1 of %2 (%3 as a long strip, %4 in place; judged by %5).</source>
      <translation>Reihenverbinder tragen %1 von %2 (%3 als langer Streifen, %4 an Ort und Stelle; beurteilt nach: %5).</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>Size %1</source>
      <translation>Größe %1</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>Sleeve on the wire first, far back from the heat.</source>
      <translation>Zuerst den Schlauch auf die Leitung, weit weg von der Hitze.</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>Sleeves on before the end is crimped.</source>
      <translation>Schläuche darauf, bevor das Ende gecrimpt wird.</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>Sleeves on, the second insulation over all that lies ahead of the %1, before the end is crimped.</source>
      <translation>Schläuche darauf, die zweite Isolierung über alles, was vor %1 liegt, bevor das Ende gecrimpt wird.</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>Solder the minus lead to the tail of the collecting strip B%1 at cell %2.</source>
      <translation>Die Minusleitung anlöten: am Ende des Sammelstreifens B%1 an Zelle %2.</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>Solder the plus lead to the tail of the collecting strip B%1 at cell %2.</source>
      <translation>Die Plusleitung anlöten: am Ende des Sammelstreifens B%1 an Zelle %2.</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>Stand each cell in its numbered place, in the holder or on the template printed at 1:1; group %1 with plus up, each next group the other way. Tape or a holder between neighbouring cells: two wraps chafed through are a short. Write + and − on the bench beside the groups and leave the marks to the end.</source>
      <translation>Jede Zelle an ihren nummerierten Platz stellen, im Halter oder auf der 1:1 gedruckten Schablone; Gruppe %1 mit Plus nach oben, jede nächste andersherum. Band oder Halter zwischen benachbarten Zellen: zwei durchgescheuerte Hüllen sind ein Kurzschluss. + und − neben den Gruppen auf die Werkbank schreiben und bis zum Ende stehen lassen.</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>Stand the cells %1 across</source>
      <translation>Die Zellen %1 quer stellen</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>Stand the cells %1 across, %2, group by group as drawn; group %3 with plus up, each next group the other way. Tape or a holder between neighbouring cells: two wraps chafed through are a short. Write + and − on the bench beside the groups and leave the marks to the end.</source>
      <translation>Die Zellen %1 quer stellen, %2, Gruppe nach Gruppe wie gezeichnet; Gruppe %3 mit Plus nach oben, jede nächste andersherum. Band oder Halter zwischen benachbarten Zellen: zwei durchgescheuerte Hüllen sind ein Kurzschluss. + und − neben den Gruppen auf die Werkbank schreiben und bis zum Ende stehen lassen.</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>Stands plus down (bottom face)</source>
      <translation>Steht mit Plus unten (Unterseite)</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>Stands plus up (top face)</source>
      <translation>Steht mit Plus oben (Oberseite)</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>Steady %1 of %2</source>
      <translation>Dauernd %1 von %2</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>Steady / peak %1</source>
      <translation>Dauernd / Spitze %1</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>Strip %1, tin wire and cup apart; %2 iron, about %3 s.</source>
      <translation>%1 abisolieren, Leitung und Kelch getrennt verzinnen; %2 Lötkolben, etwa %3 s.</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>Strip of B%1 at cell %2</source>
      <translation>Streifen von B%1 an Zelle %2</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>Tap B%1, printed %2</source>
      <translation>Abgriff B%1, gedruckt %2</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>The %1 wire is already in the new connector, sleeved.</source>
      <translation>Die Leitung %1 ist schon im neuen Stecker, überzogen.</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>The %1 wire is still whole in the old connector and covered.</source>
      <translation>Die Leitung %1 ist noch ganz im alten Stecker und abgedeckt.</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>The board trips at %1, %2 times the peak.</source>
      <translation>Die Platine löst bei %1 aus, dem %2-fachen der Spitze.</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>The connector's minus lead is not joined here: it goes to the board's pad P−.</source>
      <translation>Die Minusleitung des Steckers wird hier nicht angeschlossen: sie geht an P− der Platine.</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>The free end of its minus lead goes to the board's pad P−, the other to the collecting strip.</source>
      <translation>Das freie Ende seiner Minusleitung geht an P− der Platine, das andere an den Sammelstreifen.</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>The other contact is empty: keep the mate in and the iron on this side.</source>
      <translation>Der andere Kontakt ist leer: das Gegenstück drin lassen und den Kolben auf dieser Seite.</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>The other contact is live: cover it, and keep this one in its jig.</source>
      <translation>Der andere Kontakt steht unter Spannung: ihn abdecken, und diesen in seiner Halterung lassen.</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>The other contact is live: keep the mate in and the iron on this side.</source>
      <translation>Der andere Kontakt steht unter Spannung: das Gegenstück drin lassen und den Kolben auf dieser Seite.</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>UN 3480, lithium-ion, %1 Wh: %2.</source>
      <translation>UN 3480, Lithium-Ion, %1 Wh: %2.</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>Under a cover: %1: read where metal is open, or through its flap.</source>
      <translation>Unter einer Abdeckung: %1: dort messen, wo Metall offen liegt, oder durch ihre Klappe.</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>Unplug it after %1; metal hydride bears less of it than cadmium.</source>
      <translation>Nach %1 abstecken; Metallhydrid verträgt weniger davon als Cadmium.</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>Voltage, both ends, and what shows through the tear.</source>
      <translation>Spannung, beide Enden und was durch den Riss zu sehen ist.</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>Warm by itself or swollen: outside, and leave it.</source>
      <translation>Von selbst warm oder gebläht: ins Freie, liegen lassen.</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>Warms to %1</source>
      <translation>Erwärmt sich auf %1</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>Warms to %1 in place, %2 as a long strip</source>
      <translation>Erwärmt sich auf %1 an Ort und Stelle, %2 als langer Streifen</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>Washer and lock under each head, about %1 (the cell's sheet goes before that), then a paint mark over head and bar</source>
      <translation>Scheibe und Sicherung unter jeden Kopf, etwa %1 (das Blatt der Zelle geht vor), dann ein Farbstrich über Kopf und Schiene</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>Wire %1</source>
      <translation>Leitung %1</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>about %1 each, those of one group within %2 before they are joined</source>
      <translation>etwa %1 jede, die einer Gruppe innerhalb %2, bevor sie verbunden werden</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>about %1 each, within %2: what is left a balance charge evens out</source>
      <translation>etwa %1 jede, innerhalb %2: den Rest gleicht eine Ausgleichsladung aus</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>above 0 to %1; bare numbers are %2</source>
      <translation>über 0 bis %1; bloße Zahlen sind %2</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>above 0 to %1; bare numbers are %2; may be left empty</source>
      <translation>über 0 bis %1; bloße Zahlen sind %2; darf leer bleiben</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>always live inside: never cut or pierce the sleeve.</source>
      <translation>innen immer unter Spannung: den Schlauch nie schneiden oder durchstechen.</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>always live: never bridge the contacts, never cut both leads at once.</source>
      <translation>immer unter Spannung: nie die Kontakte überbrücken, nie beide Leitungen zugleich schneiden.</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>as before, %1 to %2, red on the positive end</source>
      <translation>wie vorher, %1 bis %2, Rot auf dem Plusende</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>blade lying across plus, upright blade minus; sign moulded on the body</source>
      <translation>liegende Klinge Plus, stehende Klinge Minus; Zeichen am Gehäuse eingeprägt</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>both leads, contacts and fuse lose %1 at %2</source>
      <translation>beide Leitungen, Kontakte und Sicherung verlieren %1 bei %2</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>bottom face, at cell %1</source>
      <translation>Unterseite, an Zelle %1</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>built by %1</source>
      <translation>gebaut von %1</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>by group as drawn</source>
      <translation>nach Gruppe wie gezeichnet</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>by sea UN 3496</source>
      <translation>zur See UN 3496</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>b− first, then the sense plug, then P−</source>
      <translation>zuerst B−, dann der Messstecker, dann P−</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>carry %1</source>
      <translation>tragen %1</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>cell %1 %2 at the end of a run, %3 K over the coolest; %4 is allowed; at the steady current it would settle at %5 if it went on for ever</source>
      <translation>Zelle %1 mit %2 am Ende eines Laufs, %3 K über der kühlsten; erlaubt sind %4; beim Dauerstrom käme sie auf %5, wenn er immer weiterginge</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>cell is</source>
      <translation>Zelle ist</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>cells are</source>
      <translation>Zellen sind</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>charge to %1</source>
      <translation>laden bis %1</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>charge with %1</source>
      <translation>laden mit %1</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>connector +</source>
      <translation>Stecker +</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>connector −</source>
      <translation>Stecker −</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>dead cell</source>
      <translation>tote Zelle</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>from %1 to %2</source>
      <translation>von %1 bis %2</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>from %1 to %2; bare numbers are %3</source>
      <translation>von %1 bis %2; bloße Zahlen sind %3</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>from %1 to %2; bare numbers are %3; may be left empty</source>
      <translation>von %1 bis %2; bloße Zahlen sind %3; darf leer bleiben</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>from %1 to %2; may be left empty</source>
      <translation>von %1 bis %2; darf leer bleiben</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>highest voltage</source>
      <translation>höchste Spannung</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>hold point</source>
      <translation>Haltepunkt</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>insulation tester</source>
      <translation>Isolationsprüfer</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>iron</source>
      <translation>Lötkolben</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>it warms to %1, %2 after the peak</source>
      <translation>es erwärmt sich auf %1, nach der Spitze auf %2</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>lay each from nail to nail, cut, mark its number</source>
      <translation>jede von Nagel zu Nagel legen, schneiden, ihre Nummer darauf</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>minus of cell %1</source>
      <translation>Minus von Zelle %1</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>number / group</source>
      <translation>Nummer / Gruppe</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>of the pack</source>
      <translation>des Packs</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>on the other face, minus of group %1 to plus of group %2: %3</source>
      <translation>auf der anderen Seite, Minus von Gruppe %1 an Plus von Gruppe %2: %3</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>piece of %1</source>
      <translation>Stück %1</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>pieces of %1</source>
      <translation>Stück %1</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>plus down (bottom face)</source>
      <translation>Plus unten (Unterseite)</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>plus of cell %1</source>
      <translation>Plus von Zelle %1</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>plus up (top face)</source>
      <translation>Plus oben (Oberseite)</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>polarity by meter</source>
      <translation>Polung mit dem Messgerät</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>polyimide tape, roll of 33 m</source>
      <translation>Polyimidband, Rolle 33 m</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>signs moulded on the body; flat corner at plus, pointed at minus</source>
      <translation>Zeichen am Gehäuse eingeprägt; stumpfe Ecke an Plus, spitze an Minus</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>small triangle at pin 1</source>
      <translation>kleines Dreieck an Pin 1</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>small, up to %1</source>
      <translation>klein, bis %1</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>sort the groups again, or try another lattice or one cell fewer in parallel</source>
      <translation>die Gruppen neu ordnen, oder ein anderes Raster oder eine Zelle weniger parallel versuchen</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>strip +</source>
      <translation>Streifen +</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>strip −</source>
      <translation>Streifen −</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>temperatures as if it never rested</source>
      <translation>Temperaturen, als ruhte es nie</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>the half with recessed spring contacts</source>
      <translation>die Hälfte mit versenkten Federkontakten</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>the half with recessed spring contacts; the mate goes on the load</source>
      <translation>die Hälfte mit versenkten Federkontakten; das Gegenstück kommt an den Verbraucher</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>the half with shrouded female contacts</source>
      <translation>die Hälfte mit verdeckten Buchsen</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>the half with shrouded female contacts; the mate goes on the load</source>
      <translation>die Hälfte mit verdeckten Buchsen; das Gegenstück kommt an den Verbraucher</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>the long</source>
      <translation>langen</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>the receptacle with female contacts</source>
      <translation>die Kupplung mit Buchsen</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>the receptacle with female contacts; the mate goes on the load</source>
      <translation>die Kupplung mit Buchsen; das Gegenstück kommt an den Verbraucher</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>the same as before, %1 to %2</source>
      <translation>dasselbe wie vorher, %1 bis %2</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>thing as found</source>
      <translation>Ding wie vorgefunden</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>too long by %1</source>
      <translation>um %1 zu lang</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>too long by %1, too wide by %2. Find places in the Layout stage, or try another lattice or one cell fewer in parallel</source>
      <translation>um %1 zu lang, um %2 zu breit. Im Abschnitt Anordnung Plätze suchen, oder ein anderes Raster oder eine Zelle weniger parallel versuchen</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>too wide by %1</source>
      <translation>um %1 zu breit</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>top face, at cell %1</source>
      <translation>Oberseite, an Zelle %1</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>touching</source>
      <translation>berührend</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>transport and disposal apply.</source>
      <translation>Versand und Entsorgung gelten.</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>voltages cannot show, and what does:</source>
      <translation>was Spannungen nicht zeigen, und was es zeigt:</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>what the part says goes before it.</source>
      <translation>was auf dem Teil steht, gilt vor diesem.</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>what was heated cools first</source>
      <translation>was erhitzt wurde, kühlt zuerst ab</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>wide tip</source>
      <translation>breite Spitze</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>wires of the BMS, %1 pieces</source>
      <translation>Leitungen des BMS, %1 Stück</translation>
    </message>
  </context>
</TS>
